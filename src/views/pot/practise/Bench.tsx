import { useEffect, useSyncExternalStore } from 'react';
import type { Fault } from '../../../core/faults/fault';
import { stageNow } from '../../../sim/practice/batch';
import type { Deed } from '../../../sim/practice/moves';
import { useFormat } from '../../../store/hooks';
import { HASTENED } from '../../../store/ports';
import { Button } from '../../../ui/parts/Button';
import { Segments } from '../../../ui/parts/Segments';
import { Switch } from '../../../ui/parts/Switch';
import { momentText } from '../../common/times';
import { HOB_SETTINGS } from '../hobSettings';
import { Deeds } from './Deeds';
import { PotPicture } from './PotPicture';
import { type Room, SPEEDS, type Speed } from './room';

/** The pot view beside it is drawn anew so often while time goes by, ms. */
const TOLD_EVERY_MS = 250;

/** Lets time go by, frame by frame, as long as the clock runs. */
function useFrames(room: Room) {
  useEffect(() => {
    let last: number | null = null;
    let told = 0;
    let frame = 0;
    const tell = () => window.dispatchEvent(new Event(HASTENED));
    const draw = (at: number) => {
      if (room.running && last !== null) room.frame(Math.min(100, at - last), at);
      if (room.running && at - told > TOLD_EVERY_MS) {
        told = at;
        tell();
      }
      last = at;
      frame = requestAnimationFrame(draw);
    };
    frame = requestAnimationFrame(draw);
    // What was done while the clock stands shows at once.
    const deaf = room.listen(() => {
      if (!room.running) tell();
    });
    return () => {
      cancelAnimationFrame(frame);
      deaf();
    };
  }, [room]);
}

/** The bench: the pot drawn as it stands, its thermometer, the hob and what hands can do, and a clock that can be hastened. */
export function Bench({ room, act }: { room: Room; act(deed: Deed): Fault | null }) {
  const format = useFormat();
  useFrames(room);
  useSyncExternalStore(room.listen, room.turn);
  const { practice } = room;
  return (
    <section aria-label="Bench" className="plate px-5 pt-3 pb-5">
      <div className="flex items-baseline justify-between gap-3">
        <p className="figure text-[44px] leading-none" data-testid="thermometer">
          {format.temp(room.readingC, 1)}
        </p>
        <p className="text-right text-[16px] text-ink-soft" data-testid="practice-clock">
          {momentText(room.nowMs, room.startMs)}
        </p>
      </div>
      <PotPicture practice={practice} />
      <div className="mt-1 flex flex-wrap items-center gap-2">
        <Button
          tone={room.running ? 'plain' : 'now'}
          onClick={() => (room.running ? room.stop() : room.start())}
        >
          {room.running ? 'Stop the clock' : 'Let time go by'}
        </Button>
        <Button onClick={() => room.skip()}>To the next call</Button>
        <Segments
          label="How fast"
          value={String(room.speed)}
          options={SPEEDS.map((speed) => ({ value: String(speed), text: `${speed} ×` }))}
          onChange={(speed) => room.hasten(Number(speed) as Speed)}
        />
      </div>
      <p role="status" className="mt-1.5 min-h-6 text-[17px] font-semibold">
        {room.stopped ?? ''}
      </p>
      <div className="stitch mt-2 space-y-3 pt-3">
        {(practice.place === 'pot' || stageNow(practice).kind.does.includes('poaches')) && (
          <>
            <p aria-hidden="true" className="mb-1! text-[15px] text-ink-soft">
              The hob
            </p>
            <Segments
              label="Hob"
              value={String(practice.hob)}
              options={HOB_SETTINGS}
              onChange={(hob) => act({ do: 'heat', setting: Number(hob) })}
            />
            <div className="flex flex-wrap gap-x-6">
              <Switch label="stir" on={practice.stirring} onChange={(on) => act({ do: 'stir', on })} />
              <Switch label="lid" on={practice.lid} onChange={(on) => act({ do: 'lid', on })} />
              <Switch label="in ice water" on={practice.ice} onChange={(on) => act({ do: 'ice', on })} />
            </div>
          </>
        )}
        <Deeds practice={practice} act={act} />
      </div>
    </section>
  );
}
