import { Toaster } from 'sonner';
import { ClockWatch } from './ClockWatch';

/** What is said in passing, on every view; loaded once the view itself is there. */
export default function Notices() {
  return (
    <>
      <ClockWatch />
      <Toaster
        position="bottom-right"
        toastOptions={{
          className: 'plate',
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
