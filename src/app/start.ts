import '../ui/look.css';
import '../ui/print.css';
import '../ui/ownColours.css';
import { wearLast } from './look';
import { fetchAt } from './views';

wearLast();

// What the first view takes comes side by side: the view itself, and what it stands in.
fetchAt(location.pathname);
import('./main').catch((error: unknown) => {
  console.error(error);
  const root = document.getElementById('root');
  if (root)
    root.textContent = 'Plump Pail could not be loaded whole. Reload the page. Nothing has been deleted.';
});
