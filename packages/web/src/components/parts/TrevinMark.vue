<template>
  <svg width="22" height="22" viewBox="0 0 22 22" aria-hidden="true">
    <path d="M3 3.5h16v6M3 3.5v15h7" fill="none" stroke="var(--ink)" stroke-width="2.2" />
    <path d="M22 14.5h-6.5c-3 0-4.5-1-4.5-4V8" fill="none" stroke="var(--ink)" stroke-width="3.4" />
  </svg>
</template>
