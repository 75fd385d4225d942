import { beforeEach, expect, it } from 'vitest';
import { METHODS } from '../makes';
import type { Method } from '../makes/method';
import { makesCanBeRead } from './kept';
import type { WaitingRoom } from './settings';
import { holdTyped, typedLast } from './typedMethod';

const held = new Map<string, string>();
const room: WaitingRoom = {
  getItem: (key) => held.get(key) ?? null,
  setItem: (key, text) => void held.set(key, text),
  removeItem: (key) => void held.delete(key),
  key: (i) => [...held.keys()][i] ?? null,
  get length() {
    return held.size;
  },
};
beforeEach(async () => {
  held.clear();
  await makesCanBeRead();
});

const kept: Method = { ...(METHODS[0] as Method), id: 'my-make' };
const named = (title: string): Method => ({ ...kept, title });
const text = (method: Method) => JSON.stringify(method);

it('what never came to the disk is there again, and gone once it is let go', () => {
  const letGo = holdTyped(room, [text(kept), text(named('One'))], named('Two'));
  expect(typedLast(room, kept)?.title).toBe('Two');
  expect(typedLast(room, named('One'))?.title).toBe('Two');
  letGo();
  expect(typedLast(room, kept)).toBeNull();
});

it('what another window has written since stands, and a later word is not let go for an earlier', () => {
  const first = holdTyped(room, [text(kept)], named('One'));
  expect(typedLast(room, named('Elsewhere'))).toBeNull();
  holdTyped(room, [text(kept), text(named('One'))], named('Two'));
  first();
  expect(typedLast(room, kept)?.title).toBe('Two');
});

it('what is torn is nothing', () => {
  for (const torn of ['', '{', '{"versions":1}', JSON.stringify({ versions: [text(kept)], next: 7 })]) {
    room.setItem('typed:method:my-make', torn);
    expect(typedLast(room, kept)).toBeNull();
  }
});
