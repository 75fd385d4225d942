import { describe, expect, it } from 'vitest';
import { nameWindow, type WindowPorts } from './window';

/** What all windows share: a name once taken stays so until its window is closed. */
function browser() {
  const held = new Set<string>();
  const locks = {
    request: async (name: string, _options: LockOptions, then: (lock: Lock | null) => unknown) => {
      if (held.has(name)) return then(null);
      held.add(name);
      return then({ name, mode: 'exclusive' });
    },
  } as unknown as WindowPorts['locks'];
  const open = (kept = new Map<string, string>()) => ({
    kept,
    locks,
    own: {
      getItem: (key: string) => kept.get(key) ?? null,
      setItem: (key: string, value: string) => void kept.set(key, value),
    },
  });
  return { open, held };
}

describe('a window', () => {
  it('keeps its name over a reload', async () => {
    const { open, held } = browser();
    const first = open();
    const { id, from } = await nameWindow(first);
    expect(from).toBe(id);
    held.clear();
    expect(await nameWindow(first)).toEqual({ id, from: id });
  });

  it('copied from another has a name of its own and begins with what the first had', async () => {
    const { open, held } = browser();
    const first = open();
    const { id } = await nameWindow(first);
    const copy = open(new Map(first.kept));
    const named = await nameWindow(copy);
    expect(named.from).toBe(id);
    expect(named.id).not.toBe(id);
    held.clear();
    expect((await nameWindow(copy)).id).toBe(named.id);
    expect((await nameWindow(first)).id).toBe(id);
  });

  it('has a name where the browser has no locks and keeps nothing', async () => {
    const one = await nameWindow({ own: undefined, locks: undefined });
    const two = await nameWindow({ own: undefined, locks: undefined });
    expect(one.id).not.toBe(two.id);
  });
});
