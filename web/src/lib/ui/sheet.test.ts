import { render, screen, waitFor } from '@testing-library/svelte';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import Harness from './SheetHarness.test.svelte';

describe('sheets by name', () => {
  it('one is open at a time, and Escape closes it', async () => {
    const user = userEvent.setup();
    render(Harness);
    expect(screen.queryByRole('dialog')).toBeNull();
    await user.click(screen.getByRole('button', { name: 'Type' }));
    expect(screen.getByRole('dialog', { name: 'What do you read?' })).toBeTruthy();
    await user.keyboard('{Escape}');
    expect(screen.getByText('open: none')).toBeTruthy();
    // It leaves the page a moment later, on a slow machine several.
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
  });

  it('one gives way to another and is not closed by its going', async () => {
    const user = userEvent.setup();
    render(Harness);
    await user.click(screen.getByRole('button', { name: 'Type' }));
    await user.click(screen.getByRole('button', { name: 'Rather change it' }));
    expect(screen.getByText('open: edit')).toBeTruthy();
    expect(screen.getByRole('dialog', { name: 'Change it' })).toBeTruthy();
  });
});
