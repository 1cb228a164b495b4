import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import Typography from '@mui/material/Typography';
import { FileUp } from 'lucide-react';
import { useId, useRef } from 'react';
import { colour } from '../theme/palette';

/** The largest file of each kind that is taken in, bytes. */
export const LARGEST = { csv: 4_000_000, drawing: 8_000_000, mesh: 20_000_000 };

/** Why a file is not even opened; undefined where it is. */
export function tooLarge(file: File, most: number): string | undefined {
  const mb = (bytes: number) => `${Math.round(bytes / 100_000) / 10} MB`;
  return file.size > most ? `${file.name} has ${mb(file.size)}; at most ${mb(most)} is taken in.` : undefined;
}

/** What has begun is seen, also at the foot of a card that scrolls. */
const intoView = (box: HTMLElement | null): void => box?.scrollIntoView({ block: 'nearest' });

/** A heading, a sentence, a button that chooses a file, and what came of it. */
export function FileBox({
  title,
  words,
  accept,
  onFile,
  trouble,
  busy,
  onStop,
  children,
}: {
  title: string;
  words: string;
  accept: string;
  onFile(file: File): void;
  trouble: string | undefined;
  /** What is being read, and how far it is, of 1; 0 where that is not known. */
  busy?: { readonly name: string; readonly share: number } | undefined;
  onStop?(): void;
  children?: React.ReactNode;
}) {
  const id = useId();
  const input = useRef<HTMLInputElement>(null);
  return (
    <Box component="section" aria-labelledby={id} sx={{ borderTop: `1.4px solid ${colour('ink')}`, pt: 1 }}>
      <Typography variant="h3" id={id}>
        {title}
      </Typography>
      <Typography variant="body2" sx={{ pb: 1 }}>
        {words}
      </Typography>
      <Button variant="outlined" startIcon={<FileUp size={20} />} onClick={() => input.current?.click()}>
        Choose a file
      </Button>
      <input
        ref={input}
        type="file"
        hidden
        accept={accept}
        aria-label={`${title}, file`}
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = '';
          if (file) onFile(file);
        }}
      />
      {busy && (
        <Box role="status" ref={intoView} sx={{ display: 'flex', alignItems: 'center', gap: 1, pt: 1 }}>
          <Box sx={{ flex: 1, minWidth: 0 }}>
            <Typography noWrap title={busy.name}>
              Reading {busy.name}
            </Typography>
            <LinearProgress
              aria-label={`Reading ${busy.name}`}
              {...(busy.share > 0 ? { variant: 'determinate', value: 100 * busy.share } : {})}
            />
          </Box>
          <Button onClick={onStop}>Stop</Button>
        </Box>
      )}
      {trouble && (
        <Typography role="alert" sx={{ color: 'error.main', pt: 1 }}>
          {trouble}
        </Typography>
      )}
      {children}
    </Box>
  );
}
