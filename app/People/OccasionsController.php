<?php

namespace App\People;

use App\Journal\Journal;
use App\Ledger\KeepOccasions;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use KeepShare\Core\Kit\Occasions;
use KeepShare\Core\Kit\Slug;

/** The maker's list of occasions. */
final readonly class OccasionsController
{
    public function __construct(private KeepOccasions $keep)
    {
    }

    public function show(Journal $journal): OccasionsPage
    {
        return OccasionsPage::now($journal);
    }

    public function add(Request $request): RedirectResponse
    {
        $this->keep->add(self::name($request->string('name')->trim()->toString(), '', 'name'));

        return to_route('occasions');
    }

    /** Changes one field of one occasion. "field" says which. */
    public function store(string $key, Request $request): RedirectResponse
    {
        abort_unless(in_array($key, Occasions::keys(), true), 404);
        $value = $request->string('value')->trim()->toString();
        match ($request->string('field')->toString()) {
            'name' => $this->keep->rename($key, self::name($value, $key, 'value')),
            'share' => $this->keep->share($key, self::share($value)),
            'usual' => $this->keep->ask($key, $value === '1'),
            'move' => $this->keep->move($key, (int) max(-99, min(99, (float) $value))),
            default => abort(404),
        };

        return to_route('occasions');
    }

    public function destroy(string $key): RedirectResponse
    {
        abort_if(! in_array($key, Occasions::keys(), true) || Occasions::isShipped($key), 404);
        $this->keep->takeOut($key);

        return to_route('occasions');
    }

    private static function name(string $name, string $key, string $field): string
    {
        $is = Occasions::named($name);
        $fault = match (true) {
            $name === '' || mb_strlen($name) > 40 => 'Write a name of up to 40 characters.',
            Slug::of($name) === '' => 'Write a name with letters or figures in it.',
            $is !== null && ! $is->is($key) => "There is {$is->label()} already.",
            default => null,
        };

        return $fault === null ? $name : throw ValidationException::withMessages([$field => $fault]);
    }

    private static function share(string $value): int
    {
        return preg_match('/^\d{1,2}$/', $value) === 1
            ? (int) $value
            : throw ValidationException::withMessages(['value' => 'Write how many of some fifteen cards, from 0 to 99.']);
    }
}
