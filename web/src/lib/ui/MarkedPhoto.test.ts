import { render, screen } from '@testing-library/svelte';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import MarkedPhoto from './MarkedPhoto.svelte';

describe('marking a photo', () => {
  it('works by the keyboard alone', async () => {
    const onmark = vi.fn();
    render(MarkedPhoto, { src: 'x.jpg', alt: 'Drive cage', marks: [], onmark });
    const user = userEvent.setup();
    await user.tab();
    expect(document.activeElement).toBe(screen.getByRole('button', { name: /^Mark on the photo of Drive cage/ }));
    await user.keyboard('{ArrowRight}{ArrowRight}{ArrowUp}{Enter}');
    expect(onmark).toHaveBeenCalledExactlyOnceWith(0.54, 0.48);
    await user.keyboard('{Shift>}{ArrowLeft>10/}{/Shift}{Enter}');
    expect(onmark).toHaveBeenLastCalledWith(0, 0.48);
  });

  it('is a picture and no button when there is nothing to mark', () => {
    render(MarkedPhoto, { src: 'x.jpg', alt: 'Drive cage', marks: [{ x: 0.5, y: 0.5, text: '1' }] });
    expect(screen.queryByRole('button')).toBeNull();
    expect(screen.getByRole('img', { name: 'Drive cage' })).toBeTruthy();
  });
});
