import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { capitalised, type Offer } from '@tarnpass/core';
import { useState } from 'react';
import { takeOffer } from '../../state/check/takeOffer';
import { useApp, useAppDispatch } from '../../state/slices/app';
import { bestOffer, tried } from '../../state/slices/offersSlice';

/** What would mend a finding: the best way, and all others when they are asked for; or why there is none. */
export function OfferRows({ finding, stale }: { finding: string; stale: boolean }) {
  const known = useApp(({ offers }) => offers.byFinding[finding]);
  const best = useApp(({ offers }) => bestOffer(offers, finding));
  const [all, setAll] = useState(false);
  if (!known) return null;
  if (!best)
    return known.whole ? (
      <Typography variant="body2" sx={{ pl: '34px', pb: 1 }}>
        {known.nearest}
      </Typography>
    ) : null;
  const others = known.offers.filter(({ key }) => key !== best.key);
  return (
    <Box
      component="ul"
      aria-label="What would mend it"
      sx={{ listStyle: 'none', m: 0, p: 0, pl: '34px', pb: 0.5, opacity: stale ? 0.55 : 1 }}
    >
      <OfferRow offer={best} stale={stale} />
      {all && others.map((offer) => <OfferRow key={offer.key} offer={offer} stale={stale} />)}
      {others.length > 0 && (
        <li>
          <Button
            size="small"
            onClick={() => setAll(!all)}
            aria-expanded={all}
            sx={{ px: 0.5, minHeight: 32 }}
          >
            {all ? 'Fewer ways' : others.length === 1 ? 'One more way' : `${others.length} more ways`}
          </Button>
        </li>
      )}
    </Box>
  );
}

/** One way: what is done, what it costs, and both to see it and to do it. */
function OfferRow({ offer, stale }: { offer: Offer; stale: boolean }) {
  const dispatch = useAppDispatch();
  const onSheet = useApp(({ offers }) => offers.tried?.key === offer.key);
  return (
    <Box component="li" sx={{ display: 'flex', alignItems: 'center', gap: 1, minHeight: 40 }}>
      <Typography variant="body2" sx={{ flex: 1, minWidth: 0, color: 'text.primary' }}>
        {capitalised(offer.words)}
        <Box component="span" sx={{ color: 'text.secondary' }}>
          {`: ${offer.cost}${also(offer)}`}
        </Box>
      </Typography>
      <Button
        size="small"
        disabled={stale}
        aria-pressed={onSheet}
        aria-label={`Try it: ${offer.words}`}
        onClick={() => dispatch(tried(onSheet ? null : offer))}
        sx={{ flex: 'none' }}
      >
        {onSheet ? 'Put back' : 'Try'}
      </Button>
      <Button
        size="small"
        disabled={stale}
        aria-label={`Take it: ${offer.words}`}
        onClick={() => dispatch(takeOffer(offer))}
        sx={{ flex: 'none' }}
      >
        Take
      </Button>
    </Box>
  );
}

/** What else goes with it. */
export function also({ mends }: Offer): string {
  if (mends.length < 2) return '';
  return mends.length === 2 ? '; mends one more finding' : `; mends ${mends.length - 1} more findings`;
}
