// A tap on an alarm's notification opens the load that it is of: in the page that is there, else in a new one.
self.addEventListener('notificationclick', (event) => {
  event.notification.close();
  const url = new URL(event.notification.data?.url ?? '/', self.location.origin).href;
  const open = async () => {
    const pages = await self.clients.matchAll({ type: 'window', includeUncontrolled: true });
    const page = pages.find((one) => one.url === url) ?? pages[0];
    if (page === undefined) return self.clients.openWindow(url);
    await page.focus();
    return page.url === url ? undefined : page.navigate(url);
  };
  event.waitUntil(open());
});
