import { configure } from '@testing-library/svelte';

// What comes at all comes sooner; a busy machine is no fault.
configure({ asyncUtilTimeout: 20_000 });
