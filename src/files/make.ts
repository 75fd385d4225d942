import { z } from 'zod';
import { idText } from '../core/faults/bounds';
import { eventSchema } from '../run/events';

/** A make as a file: every event in order, the first one its start with plan, parameters and model version. */
export const makeSchema = z
  .strictObject({
    format: z.literal('plump-pail/make'),
    version: z.literal(1),
    id: idText().min(8, 'give at least 8 letters'),
    events: z.array(eventSchema).min(1, 'give at least its start'),
  })
  .superRefine((make, context) => {
    const fault = (index: number, problem: string, remedy: string) =>
      context.addIssue({
        code: 'custom',
        path: ['events', index],
        message: problem,
        params: { problem, remedy },
      });
    make.events.forEach((event, index) => {
      if (event.seq !== index)
        fault(index, `has number ${event.seq}`, `number events from 0 without a gap; this one is ${index}`);
      if ((event.type === 'started') !== (index === 0))
        fault(index, 'is out of place', 'a make has one start, and begins with it');
    });
  });

export type MakeFile = z.infer<typeof makeSchema>;
