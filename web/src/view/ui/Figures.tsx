import Box from '@mui/material/Box';

/** A figure with its unit: 391 N, 1.6 mm, 20 kg. */
const FIGURE = /(\d[\d.,]* (?:N|Nm|mm|kg|J|kPa|GPa|m\/s)(?![a-z]))/;

/** A sentence in which no figure parts from its unit at the end of a line. */
export function Figures({ words }: { words: string }) {
  return words.split(FIGURE).map((part, i) =>
    i % 2 === 1 ? (
      <Box key={i} component="span" sx={{ whiteSpace: 'nowrap' }}>
        {part}
      </Box>
    ) : (
      part
    ),
  );
}
