import { describe, expect, test } from 'vitest';
import { visit } from './visit';

/* When something fails, a page says what happened, what was kept and what to do. */
describe('a page that fails', () => {
  test('says so, keeps the data within reach, and begins again', async () => {
    const v = await visit();
    await v.sees('under way');
    const client = await v.page.createCDPSession();
    await client.send('Network.enable');
    await client.send('Network.setBypassServiceWorker', { bypass: true });
    await client.send('Network.setBlockedURLs', { urls: ['*Bench-*.js'] });
    await v.press('Bench');
    await v.sees('This page stopped working.');
    await v.sees('Everything you recorded is still stored in this browser.');
    await v.press('Save a copy of my data');
    await v.sees('is in your downloads, without photographs.');
    // The other places are as they were, and the one that failed is asked for again.
    await v.press('Cupboard');
    await v.sees('Down cleaner');
    await v.press('Bench');
    await v.sees('This page stopped working.');
    await client.send('Network.setBlockedURLs', { urls: [] });
    await v.press('Now');
    await v.sees('under way');
    await v.press('Bench');
    await v.sees('Dilution');
    expect(await v.text()).not.toContain('This page stopped working.');
    await client.send('Network.setBlockedURLs', { urls: ['*Handbook-*.js'] });
    await v.press('Handbook');
    await v.sees('This page stopped working.');
    await client.send('Network.setBlockedURLs', { urls: [] });
    await v.press('Start again');
    await v.sees('under way');
    await v.close();
  });
  test('data of a newer version is shown as that, and left alone', async () => {
    const v = await visit();
    await v.sees('under way');
    await v.page.evaluate(
      () =>
        new Promise<void>((resolve, reject) => {
          const open = indexedDB.open('umbrastic');
          open.onerror = () => reject(open.error);
          open.onsuccess = () => {
            const store = open.result.transaction('meta', 'readwrite').objectStore('meta');
            store.put({ key: 'schemaVersion', value: 999 }).onsuccess = () => {
              open.result.close();
              resolve();
            };
          };
        }),
    );
    await v.reload();
    await v.sees('Your data was made by a newer Umbrastic.');
    expect(await v.stored('meta', 'schemaVersion')).toEqual({ key: 'schemaVersion', value: 999 });
    await v.close();
  });
});
