import { useEffect, useState } from 'react';
import { ApiError } from '../../api/client';
import { useApp, useAppDispatch } from '../slices/app';
import { closed } from '../slices/jobSlice';
import { openJob } from './openJob';

/** Open the job of an address while a screen shows it: whether it is there, or why it cannot be had. */
export function useOpenJob(id: string | undefined): {
  readonly open: boolean;
  readonly trouble: string | undefined;
} {
  const dispatch = useAppDispatch();
  const [trouble, setTrouble] = useState<string>();
  const open = useApp(({ job }) => job !== null && job.id === id);
  useEffect(() => {
    if (!id) return;
    dispatch(openJob(id)).catch((error: unknown) => {
      if (!(error instanceof ApiError)) throw error;
      setTrouble(error.message);
    });
    return () => {
      dispatch(closed());
    };
  }, [id, dispatch]);
  return { open, trouble };
}
