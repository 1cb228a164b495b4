import Box from '@mui/material/Box';

/** As many as help: who has hundreds looks at the file, not at a list of them. */
const LISTED = 8;

/** The rows of a file that cannot be taken, each with its sentence. Rows count from 1. */
export function RowsWrong({
  issues,
}: {
  issues: readonly { readonly row: number; readonly message: string }[];
}) {
  if (issues.length === 0) return null;
  return (
    <Box component="ul" aria-label="Rows that cannot be taken" sx={{ m: 0, pl: 2.5, color: 'error.main' }}>
      {issues.slice(0, LISTED).map(({ row, message }) => (
        <li key={row}>
          Row {row}: {message}
        </li>
      ))}
      {issues.length > LISTED && <li>and {issues.length - LISTED} rows more</li>}
    </Box>
  );
}
