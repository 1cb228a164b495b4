import Box from '@mui/material/Box';
import InputBase from '@mui/material/InputBase';
import Typography from '@mui/material/Typography';
import { formatLength, parseLength, type Issue, type Length, type Units } from '@tarnpass/core';
import { useEffect, useRef, useState } from 'react';
import { colour } from '../theme/palette';
import type { SheetDim } from './dimensions';

interface Props {
  readonly dim: SheetDim;
  readonly at: readonly [number, number];
  readonly units: Units;
  take(length: Length): readonly Issue[];
  onClose(): void;
}

/** A field over a dimension's figure: Enter takes it, Escape leaves all as it was; what cannot be taken stays with its sentence. */
export function TypeOver({ dim, at, units, take, onClose }: Props) {
  const [text, setText] = useState(formatLength(dim.mm, units));
  const [wrong, setWrong] = useState<string>();
  const input = useRef<HTMLInputElement>(null);
  useEffect(() => input.current?.select(), []);
  const commit = () => {
    const read = parseLength(text, units.system);
    if (!read.ok) return setWrong(read.message);
    const issues = take({ mm: read.mm, typed: text.trim(), unit: units.system });
    if (issues.length > 0) return setWrong(issues[0]!.message);
    onClose();
  };
  return (
    <Box
      sx={{
        position: 'absolute',
        left: Math.max(8, at[0] - 60),
        top: Math.max(8, at[1] - 20),
        zIndex: 2,
        maxWidth: 280,
        bgcolor: 'background.paper',
        border: `1.5px solid ${colour(wrong ? 'heather' : 'ink')}`,
        px: 1,
      }}
    >
      <InputBase
        inputRef={input}
        autoFocus
        value={text}
        onChange={(event) => setText(event.target.value)}
        onBlur={() => !wrong && onClose()}
        onKeyDown={(event) => {
          event.stopPropagation();
          if (event.key === 'Enter') commit();
          if (event.key === 'Escape') onClose();
        }}
        inputProps={{
          'aria-label': dim.name,
          'aria-invalid': wrong !== undefined,
          autoComplete: 'off',
          style: { width: 104, textAlign: 'right' },
        }}
      />
      {wrong && (
        <Typography role="alert" variant="body2" sx={{ color: 'error.main', pb: 0.5 }}>
          {wrong}
        </Typography>
      )}
    </Box>
  );
}
