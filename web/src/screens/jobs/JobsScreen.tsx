import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import Typography from '@mui/material/Typography';
import { LARGEST_LOG, newPlan, pathText, readPlanFile, type ReadingLog } from '@tarnpass/core';
import { Download, FileUp, Moon, Plus, Sun, Zap } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { ApiError, createJob, listJobs, readJob, readLog, type JobRow } from '../../api/client';
import { savePlanFile } from '../../state/job/savePlanFile';
import { colour } from '../../view/theme/palette';
import { useSheet } from '../../view/theme/SheetProvider';
import { Swatch } from '../../view/ui/Patterns';

/** While the server still works out how a job stands, the list is asked for again after this, ms. */
const LOOK_AGAIN = 1000;

/** The list of jobs, asked for again while the server still works out how one stands. */
function useJobs(setTrouble: (lines: readonly string[]) => void) {
  const [jobs, setJobs] = useState<readonly JobRow[]>();
  useEffect(() => {
    let again: ReturnType<typeof setTimeout> | undefined;
    let gone = false;
    const list = () =>
      listJobs().then(
        (rows) => {
          if (gone) return;
          setJobs(rows);
          if (rows.some(({ answer }) => answer === null)) again = setTimeout(list, LOOK_AGAIN);
        },
        (error: unknown) => setTrouble([error instanceof ApiError ? error.message : String(error)]),
      );
    void list();
    return () => {
      gone = true;
      clearTimeout(again);
    };
  }, [setTrouble]);
  return jobs;
}

/** Every job with how it stands; a new one, one from a plan file, and any of them as a file. */
export function JobsScreen() {
  const navigate = useNavigate();
  const [trouble, setTrouble] = useState<readonly string[]>([]);
  const jobs = useJobs(setTrouble);
  const attempt = async (act: () => Promise<void>) => {
    try {
      setTrouble([]);
      await act();
    } catch (error) {
      if (!(error instanceof ApiError)) throw error;
      setTrouble([error.message]);
    }
  };
  const start = (plan: unknown, log?: ReadingLog) =>
    attempt(async () => {
      const job = await createJob(plan, log);
      await navigate(`/jobs/${job.id}/check`);
    });
  const download = (row: JobRow) =>
    attempt(async () => {
      const [job, log] = await Promise.all([readJob(row.id), readLog(row.id)]);
      savePlanFile(job.plan, log);
    });
  return (
    <Box sx={PAGE}>
      <Box
        sx={{ ml: '20px', width: 18, bgcolor: colour('wash2'), borderInline: `1.4px solid ${colour('ink')}` }}
      />
      <Box component="main" sx={{ py: 3, pr: 3 }}>
        <Title />
        <Ways start={start} onTrouble={setTrouble} />
        {trouble.length > 0 && (
          <Box role="alert" sx={{ borderLeft: `4px solid ${colour('heather')}`, pl: 2, mb: 2 }}>
            {trouble.map((line) => (
              <Typography key={line}>{line}</Typography>
            ))}
          </Box>
        )}
        {jobs?.length === 0 && <Typography>No jobs yet. Start one, or open a plan file.</Typography>}
        {jobs && jobs.length > 0 && (
          <Box component="ul" aria-label="Jobs" sx={LIST}>
            {jobs.map((job) => (
              <JobLine key={job.id} job={job} onDownload={() => void download(job)} />
            ))}
          </Box>
        )}
      </Box>
    </Box>
  );
}

const PAGE = {
  minHeight: '100vh',
  display: 'grid',
  gridTemplateColumns: '58px minmax(0, 1040px)',
  columnGap: 3,
};
const LIST = {
  listStyle: 'none',
  m: 0,
  p: 0,
  bgcolor: 'background.paper',
  border: `1.4px solid ${colour('ink')}`,
};

function Title() {
  const { sheet, toggle } = useSheet();
  return (
    <Box sx={{ display: 'flex', alignItems: 'flex-start', gap: 2 }}>
      <Box sx={{ flex: 1 }}>
        <Typography variant="h1" sx={{ fontWeight: 780 }}>
          Tarnpass
        </Typography>
        <Typography sx={{ maxWidth: 560 }}>
          Plan what swings, slides and folds in fitted storage. It says what each part meets, where, and what
          to change.
        </Typography>
      </Box>
      <IconButton aria-label={sheet === 'light' ? 'Dark sheet' : 'Light sheet'} onClick={toggle}>
        {sheet === 'light' ? <Moon size={22} strokeWidth={1.8} /> : <Sun size={22} strokeWidth={1.8} />}
      </IconButton>
    </Box>
  );
}

interface WaysProps {
  start(plan: unknown, log?: ReadingLog): Promise<void>;
  onTrouble(lines: readonly string[]): void;
}

/** A new job, the deck, or a plan file. */
function Ways({ start, onTrouble }: WaysProps) {
  const file = useRef<HTMLInputElement>(null);
  const openFile = async (chosen: File) => {
    if (chosen.size > LARGEST_LOG)
      return onTrouble([`${chosen.name}: a plan file with its readings may have up to 8 MB.`]);
    const read = readPlanFile(await chosen.text());
    if (read.ok) return start(read.plan, read.log);
    onTrouble(
      read.issues
        .slice(0, 5)
        .map(
          ({ path, message }) => `${chosen.name}${path.length > 0 ? `, ${pathText(path)}` : ''}: ${message}`,
        ),
    );
  };
  return (
    <Box sx={{ display: 'flex', gap: 1.5, my: 3 }}>
      <Button
        variant="contained"
        startIcon={<Plus size={20} />}
        onClick={() => void start(newPlan('New job'))}
      >
        New job
      </Button>
      <Button variant="outlined" component={Link} to="/quick" startIcon={<Zap size={20} />}>
        Quick start
      </Button>
      <Button variant="outlined" startIcon={<FileUp size={20} />} onClick={() => file.current?.click()}>
        Open a plan file
      </Button>
      <input
        ref={file}
        type="file"
        accept=".json,application/json"
        hidden
        aria-label="Plan file"
        onChange={(event) => {
          const chosen = event.target.files?.[0];
          event.target.value = '';
          if (chosen) void openFile(chosen);
        }}
      />
    </Box>
  );
}

/** One job: its name, how it stands, and the way to its file. */
function JobLine({ job, onDownload }: { job: JobRow; onDownload(): void }) {
  return (
    <Box
      component="li"
      sx={{ display: 'flex', alignItems: 'center', '& + li': { borderTop: `1px solid ${colour('line')}` } }}
    >
      <Box component={Link} to={`/jobs/${job.id}/check`} sx={JOB}>
        <Box sx={{ minWidth: 0 }}>
          <Typography variant="h2" noWrap title={job.title}>
            {job.title}
          </Typography>
          <Typography variant="body2">
            revision {job.revision},{' '}
            {new Date(job.savedAt).toLocaleDateString(undefined, {
              day: 'numeric',
              month: 'long',
              year: 'numeric',
            })}
          </Typography>
        </Box>
        <Standing answer={job.answer} />
      </Box>
      <IconButton aria-label={`Save ${job.title} as a plan file`} onClick={onDownload} sx={{ mr: 1 }}>
        <Download size={22} strokeWidth={1.8} />
      </IconButton>
    </Box>
  );
}

const JOB = {
  flex: 1,
  minWidth: 0,
  display: 'grid',
  gridTemplateColumns: 'minmax(180px, 1fr) minmax(0, 2fr)',
  gap: 2,
  p: 2,
  color: 'text.primary',
  textDecoration: 'none',
};

const Standing = ({ answer }: Pick<JobRow, 'answer'>) => (
  <Box sx={{ display: 'flex', gap: 1.25, minWidth: 0 }}>
    {answer ? (
      <>
        <Box sx={{ pt: '3px' }}>
          <Swatch verdict={answer.verdict} />
        </Box>
        <Typography>
          {answer.stands}, so next,{' '}
          <Box component="span" sx={{ color: 'primary.main' }}>
            {answer.next}
          </Box>
          .
        </Typography>
      </>
    ) : (
      <Typography sx={{ color: 'text.secondary', pl: '26px' }}>It is being checked.</Typography>
    )}
  </Box>
);
