/// <reference types="svelte" />
/// <reference types="vite/client" />
