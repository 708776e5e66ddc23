<?php

namespace App\Classes;

use App\Acts\NumberList;
use App\Files\ClassExport;
use App\Models\ClassPlan;
use App\Models\Kit;
use App\Table\RecipeShelf;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;
use KeepShare\Core\Bench\StepKinds;
use KeepShare\Core\Workshop\BagLine;
use KeepShare\Core\Workshop\Workshop;

/** Cards for a class: prepared, changed, packed into bags. */
final readonly class ClassController
{
    public function __construct(private KeepClass $keep)
    {
    }

    public function index(Kit $kit, Request $request): ClassPage
    {
        return ClassPage::of($kit, $request->string('recipe')->toString());
    }

    public function show(Kit $kit, ClassPlan $class): ClassLookPage
    {
        return ClassLookPage::of($class);
    }

    public function packing(Kit $kit, ClassPlan $class, Request $request): ClassPackPage
    {
        return ClassPackPage::of($class, $request->integer('bag', 1));
    }

    public function prepare(Kit $kit, Request $request): RedirectResponse
    {
        $name = trim($request->string('name')->toString());
        $recipe = $request->string('recipe')->toString();
        $numbers = NumberList::of($request, 'cards');
        $has = $recipe === '' ? $kit->cards()->exists() : RecipeShelf::has($recipe);
        $faults = array_filter([
            'name' => $name === '' || mb_strlen($name) > 60 ? 'Give the class a name of up to 60 characters.' : null,
            'people' => self::peopleFault($request->string('people')->toString()),
            'cards' => $has ? null : 'There is no card to prepare: share the kit out, or choose a recipe.',
        ]);
        if ($faults !== []) {
            throw ValidationException::withMessages($faults);
        }
        $class = $this->keep->prepare(
            $kit,
            $name,
            $recipe === '' ? null : $recipe,
            $recipe === '' ? $numbers : [],
            $request->integer('people'),
            $request->integer('revision'),
        );

        return to_route('kits.class.look', [$kit, $class]);
    }

    public function update(Kit $kit, ClassPlan $class, Request $request): RedirectResponse
    {
        $value = trim($request->string('value')->toString());
        [$what, $changes] = match ($request->string('field')->toString()) {
            'people' => ['People', ['people' => self::checked('people', $value, self::peopleFault($value))]],
            'spare_in' => ['Spares', ['spare_in' => self::checked('spare_in', $value, self::spareFault($value))]],
            'begins' => ['Beginning', ['begins' => self::time($value)]],
            'ahead' => ['Steps beforehand', ['ahead' => self::toggled($class->ahead, $value)]],
            default => abort(404),
        };
        $this->keep->change($kit, $class, $what, $changes, $request->integer('revision'));

        return to_route('kits.class.look', [$kit, $class]);
    }

    public function pack(Kit $kit, ClassPlan $class, Request $request): RedirectResponse
    {
        $bag = max(1, min($class->people, $request->integer('bag')));
        $lines = array_map(static fn (BagLine $line): string => $line->id, ClassTable::of($class)->workshop->bag());
        $line = $request->string('line')->toString();
        $chosen = $line === '' ? $lines : array_values(array_intersect($lines, [$line]));
        $bags = $request->boolean('every') ? range(1, $class->people) : [$bag];
        $this->keep->pack($kit, $class, $bags, $chosen, $request->boolean('packed'), $request->integer('revision'));

        return to_route('kits.class.pack', [$kit, $class, 'bag' => $bag]);
    }

    public function lose(Kit $kit, ClassPlan $class, Request $request): RedirectResponse
    {
        $bag = max(1, min($class->people, $request->integer('bag')));
        $this->keep->lose($kit, $class, $bag, $request->integer('revision'));

        return to_route('kits.class.pack', [$kit, $class, 'bag' => $bag]);
    }

    public function destroy(Kit $kit, ClassPlan $class, Request $request): RedirectResponse
    {
        $this->keep->drop($kit, $class, $request->integer('revision'));

        return to_route('kits.class', $kit);
    }

    public function file(Kit $kit, ClassPlan $class, ClassExport $export): Response
    {
        return $export->media()->file($export->fileName($class), $export->write($class));
    }

    private static function peopleFault(string $value): ?string
    {
        $isRight = preg_match('/^\d{1,3}$/', $value) === 1 && (int) $value >= 1 && (int) $value <= Workshop::MOST_PEOPLE;

        return $isRight ? null : sprintf('From 1 to %d people.', Workshop::MOST_PEOPLE);
    }

    private static function spareFault(string $value): ?string
    {
        $isRight = preg_match('/^\d{1,3}$/', $value) === 1 && (int) $value <= Workshop::MOST_PEOPLE;

        return $isRight ? null : sprintf('One spare for so many, up to %d; 0 for none.', Workshop::MOST_PEOPLE);
    }

    /** @throws ValidationException */
    private static function checked(string $field, string $value, ?string $fault): int
    {
        return $fault === null ? (int) $value : throw ValidationException::withMessages([$field => $fault]);
    }

    /** @throws ValidationException */
    private static function time(string $value): string
    {
        return preg_match('/^([01]?\d|2[0-3])[:.]([0-5]\d)$/', $value, $found) === 1
            ? sprintf('%02d:%s', $found[1], $found[2])
            : throw ValidationException::withMessages(['begins' => 'Expected a time such as 14:00.']);
    }

    /**
     * @param  list<string>  $ahead
     * @return list<string>
     */
    private static function toggled(array $ahead, string $kind): array
    {
        abort_unless($kind === Workshop::CUTTING || StepKinds::of($kind) !== null, 404);

        return in_array($kind, $ahead, true) ? array_values(array_diff($ahead, [$kind])) : [...$ahead, $kind];
    }
}
