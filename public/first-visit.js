// A browser that has nothing yet asks for the invented club beside the app itself, not when all of that has come. src/main.tsx takes it up.
if (!localStorage.getItem('umbrastic-club')) {
  globalThis.clubAsked = fetch('/api/demo');
  // Without a network it is met with where it is awaited.
  globalThis.clubAsked.catch(() => undefined);
}
