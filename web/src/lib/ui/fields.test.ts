import { render, screen, within } from '@testing-library/svelte';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import CheckGroup from './CheckGroup.svelte';
import Choice from './Choice.svelte';
import DayField from './DayField.svelte';
import Fold from './FoldHarness.test.svelte';
import NumberField from './NumberField.svelte';
import PickMany from './PickMany.svelte';
import ProgressBar from './ProgressBar.svelte';
import SelectField from './SelectField.svelte';
import SuggestField from './SuggestField.svelte';
import TextField from './TextField.svelte';

describe('a number field', () => {
  it('asks about a slip and puts it right by one press', async () => {
    const user = userEvent.setup();
    render(NumberField, { label: 'Diameter, mm', value: '' });
    const field = screen.getByLabelText<HTMLInputElement>('Diameter, mm');
    await user.type(field, '4700');
    expect(screen.getByRole('status').textContent).toContain('Did you mean 4.7 mm?');
    await user.click(screen.getByRole('button', { name: 'Yes, put it right' }));
    expect(field.value).toBe('4.7');
    expect(screen.getByRole('status').textContent?.trim()).toBe('');
  });

  it('keeps what is being typed while it is bound to the number itself', async () => {
    const user = userEvent.setup();
    render(NumberField, { label: 'Paid', number: null });
    const field = screen.getByLabelText<HTMLInputElement>('Paid');
    await user.type(field, '12,');
    expect(field.value).toBe('12,');
    await user.type(field, '5');
    expect(field.value).toBe('12,5');
    await user.clear(field);
    expect(field.value).toBe('');
  });

  it('shows a number that changes from outside', async () => {
    const { rerender } = render(NumberField, { label: 'Paid', number: 20 });
    expect(screen.getByLabelText<HTMLInputElement>('Paid').value).toBe('20');
    await rerender({ number: 7.5 });
    expect(screen.getByLabelText<HTMLInputElement>('Paid').value).toBe('7.5');
  });

  it('names its hint and what is wrong to who cannot see them', () => {
    render(NumberField, { label: 'To year', value: '1885', hint: 'Of manufacture.', error: 'A year from 1970.' });
    const field = screen.getByLabelText('To year');
    expect(field.getAttribute('aria-invalid')).toBe('true');
    const said = field.getAttribute('aria-describedby')!.split(' ');
    expect(said.map((id) => document.getElementById(id)!.textContent)).toEqual([
      'Of manufacture.',
      'A year from 1970.',
    ]);
  });

  it('reads from the meter beside it', async () => {
    const read = vi.fn();
    render(NumberField, { label: 'Board on, volts', value: '', read });
    await userEvent.setup().click(screen.getByRole('button', { name: 'Read' }));
    expect(read).toHaveBeenCalledOnce();
  });
});

describe('a text field', () => {
  it('is one line, or several', () => {
    render(TextField, { label: 'Note', value: 'A nest.', rows: 3 });
    expect(screen.getByLabelText('Note').tagName).toBe('TEXTAREA');
    render(TextField, { label: 'Name', value: undefined, maxlength: 80 });
    const name = screen.getByLabelText<HTMLInputElement>('Name');
    expect([name.tagName, name.value, name.maxLength]).toEqual(['INPUT', '', 80]);
  });
});

describe('one of a few', () => {
  const options = { notKnown: 'Not known', yes: 'Yes', no: 'No' };

  it('shows the word of its value and answers with the value of a word', async () => {
    const user = userEvent.setup();
    const onchange = vi.fn();
    render(SelectField, { label: 'Charges', value: 'notKnown', options, onchange });
    const field = screen.getByLabelText('Charges');
    expect(field.textContent).toContain('Not known');
    expect(field.getAttribute('role')).toBe('combobox');
    await user.click(field);
    expect(screen.getAllByRole('option').map((o) => o.textContent?.trim())).toEqual(['Not known', 'Yes', 'No']);
    await user.click(screen.getByRole('option', { name: 'No' }));
    expect(onchange).toHaveBeenCalledExactlyOnceWith('no');
  });

  it('is chosen by the keyboard alone', async () => {
    const user = userEvent.setup();
    const onchange = vi.fn();
    render(SelectField, { label: 'Charges', value: 'yes', options, onchange });
    screen.getByLabelText('Charges').focus();
    await user.keyboard('{Enter}');
    await user.keyboard('{ArrowDown}{Enter}');
    expect(onchange).toHaveBeenCalledExactlyOnceWith('no');
  });

  it('takes values that are no words, and says when none is chosen', async () => {
    const user = userEvent.setup();
    const onchange = vi.fn();
    render(SelectField<number | null>, {
      label: 'After',
      value: 9,
      options: [
        [null, 'Nothing: it is ready'],
        [1, 'Drying'],
      ],
      onchange,
    });
    const field = screen.getByLabelText('After');
    expect(field.textContent).toContain('Choose one');
    await user.click(field);
    await user.click(screen.getByRole('option', { name: 'Nothing: it is ready' }));
    expect(onchange).toHaveBeenCalledExactlyOnceWith(null);
  });
});

describe('words that are usual', () => {
  it('are offered as one types, and any others will do', async () => {
    const user = userEvent.setup();
    render(SuggestField, { label: 'Head', value: '', suggestions: ['pan', 'countersunk', 'flange'] });
    const field = screen.getByLabelText<HTMLInputElement>('Head');
    await user.type(field, 'an');
    expect(screen.getAllByRole('option').map((o) => o.textContent)).toEqual(['pan', 'flange']);
    await user.click(screen.getByRole('option', { name: 'flange' }));
    expect(field.value).toBe('flange');
    await user.clear(field);
    await user.type(field, 'thumbscrew');
    expect(screen.queryAllByRole('option')).toEqual([]);
    expect(field.value).toBe('thumbscrew');
  });
});

describe('choices in sight', () => {
  it('one: the arrow keys go along the bar', async () => {
    const user = userEvent.setup();
    const onchange = vi.fn();
    render(Choice<'light' | 'dark'>, {
      label: 'Theme',
      value: 'light',
      options: { light: 'Light', dark: 'Dark' },
      onchange,
    });
    expect(screen.getByRole('radiogroup', { name: 'Theme' })).toBeTruthy();
    expect(screen.getByRole('radio', { name: 'Light' }).getAttribute('aria-checked')).toBe('true');
    screen.getByRole('radio', { name: 'Light' }).focus();
    await user.keyboard('{ArrowRight}');
    expect(onchange).toHaveBeenCalledWith('dark');
  });

  it('any, with boxes', async () => {
    const user = userEvent.setup();
    render(CheckGroup<'bulging' | 'weeping'>, {
      label: 'It',
      value: ['bulging'],
      options: { bulging: 'bulges', weeping: 'weeps' },
    });
    const group = within(screen.getByRole('group', { name: 'It' }));
    await user.click(group.getByRole('checkbox', { name: 'weeps' }));
    await user.click(group.getByRole('checkbox', { name: 'bulges' }));
    expect(group.getAllByRole('checkbox').map((b) => b.getAttribute('aria-checked'))).toEqual(['false', 'true']);
  });

  it('any, with keys that stay down; none to choose from says so', async () => {
    const user = userEvent.setup();
    const { unmount } = render(PickMany, { label: 'Behind', value: [], options: [['a', '1 Lid']] as const });
    await user.click(screen.getByRole('button', { name: '1 Lid' }));
    expect(screen.getByRole('button', { name: '1 Lid' }).getAttribute('aria-pressed')).toBe('true');
    unmount();
    render(PickMany, { label: 'Behind', value: [], options: [], empty: 'Nothing came off before it.' });
    expect(screen.getByText('Nothing came off before it.')).toBeTruthy();
  });
});

describe('the rest', () => {
  it('a fold opens by its line', async () => {
    render(Fold);
    const line = screen.getByRole('button', { name: 'Which goes where' });
    expect(line.getAttribute('aria-expanded')).toBe('false');
    await userEvent.setup().click(line);
    expect(line.getAttribute('aria-expanded')).toBe('true');
    expect(screen.getByText('C14 to the left.')).toBeTruthy();
  });

  it('a day is shown part by part and can be cleared', async () => {
    render(DayField, { label: 'On the day', value: '2026-12-13' });
    const parts = screen.getAllByRole('spinbutton').map((s) => s.textContent);
    expect(parts.toSorted()).toEqual(['12', '13', '2026']);
    await userEvent.setup().click(screen.getByRole('button', { name: 'Clear' }));
    expect(screen.queryByRole('button', { name: 'Clear' })).toBeNull();
  });

  it('progress has its figures', () => {
    render(ProgressBar, { label: 'Sent', value: 3, most: 40 });
    const bar = screen.getByRole('progressbar', { name: 'Sent' });
    expect([bar.getAttribute('aria-valuenow'), bar.getAttribute('aria-valuemax')]).toEqual(['3', '40']);
  });
});
