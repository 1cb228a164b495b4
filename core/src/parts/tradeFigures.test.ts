import { TRADE_ROWS } from '../testing/tradeRows';
import { told } from '../testing/told';

describe('every figure that spoils wood or hurts somebody', () => {
  it.each(Object.entries(TRADE_ROWS))(
    '%s: is told with its amount, and not where it is kept',
    (_name, { good, bad, said }) => {
      expect(told(bad)).toContain(said);
      expect(told(good)).not.toContain(said);
    },
  );
});
