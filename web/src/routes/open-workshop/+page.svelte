<svelte:head><title>Another workshop · Old Tallow</title></svelte:head>

<p class="px-5 py-6 text-read">
  You are signed in to a workshop. Sign out first, then come back here with the word for the new
  one.
</p>
