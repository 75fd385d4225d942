import { Toaster } from 'sonner';
import { ClockWatch } from './ClockWatch';

/** A finger's width each, in the app's colours. */
const BUTTON =
  'h-auto! min-h-11! rounded-xl! bg-enamel! px-4! text-[16px]! font-semibold! text-on-enamel! focus-visible:outline-3! focus-visible:outline-solid!';
const CLOSE =
  'static! order-last size-11! shrink-0 transform-none! border-0! bg-transparent! text-ink! [&>svg]:size-5! focus-visible:outline-3! focus-visible:outline-solid!';
/** Above what lies at the foot of a narrow page. */
const OFFSET = { bottom: 'calc(var(--foot) + var(--band) + 12px)', right: 16, left: 16 };

/** What is said in passing, on every view; loaded once the view itself is there. */
export default function Notices() {
  return (
    <>
      <ClockWatch />
      <Toaster
        position="bottom-right"
        offset={OFFSET}
        mobileOffset={OFFSET}
        toastOptions={{
          className: 'plate',
          classNames: { actionButton: BUTTON, closeButton: CLOSE },
          style: {
            background: 'var(--plate)',
            color: 'var(--ink)',
            borderColor: 'var(--rim)',
            fontSize: 16,
            fontFamily: 'var(--font-plain, inherit)',
          },
        }}
      />
    </>
  );
}
