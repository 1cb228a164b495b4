import { memo } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { COMMAND_IDS, COMMANDS, singleKeys, type CommandId } from './commands';

/** What each command does just now; one that is absent cannot be done. */
export type Actions = Partial<Record<CommandId, () => void>>;

/** Listens to the keys of every command that can be done. */
export const Hotkeys = memo(function Hotkeys({ actions }: { actions: Actions }) {
  return COMMAND_IDS.filter((id) => COMMANDS[id].keys !== '' && actions[id]).map((id) => (
    <Hotkey key={id} keys={COMMANDS[id].keys} act={actions[id]!} />
  ));
});

function Hotkey({ keys, act }: { keys: string; act: () => void }) {
  const text = keys === 'mod+c';
  useHotkeys(
    keys === 'delete' ? 'delete,backspace' : keys,
    (event) => {
      if (!keys.includes('mod') && !singleKeys.on()) return;
      // An open menu or dialog has its own use for keys, and the board behind it is not to move.
      if ((event.target as Element | null)?.closest?.('[role="menu"], [role="dialog"]')) return;
      // Words that are marked on the page are what Copy is about then.
      if (text && getSelection()?.toString()) return;
      event.preventDefault();
      act();
    },
    { preventDefault: false },
  );
  return null;
}
