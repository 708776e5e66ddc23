<?php

declare(strict_types=1);

namespace KeepShare\Core\Recipe;

use KeepShare\Core\Bench\Treat\Treatments;
use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Part\InsidePart;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Card\Treated;
use KeepShare\Core\Card\WrittenCard;
use KeepShare\Core\Cut\Engine;
use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Cut\SheetPlan;
use KeepShare\Core\Cut\Stock;
use KeepShare\Core\Fold\FoldKind;
use KeepShare\Core\Fold\FoldPart;
use KeepShare\Core\Kit\BadKit;
use KeepShare\Core\Kit\Fields;
use KeepShare\Core\Kit\OpenFile;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Refusal;
use KeepShare\Core\Sketch\Role;
use KeepShare\Core\Sketch\Sketch;
use KeepShare\Core\Sketch\Sketches;

/**
 * Reads a whole keepshare/recipe file. Its cards must fit their fronts, and the sheets must give exactly the pieces
 * they need. If a letter only says how many sheets it has, their cuts are planned.
 */
final class ReadRecipe
{
    private const LONGEST = 24;

    private const MOST_SHEETS = 60;

    /** @var array<string, array{Size, AskedPrint, AskedPrint, Fields}> */
    private array $asked = [];

    private function __construct(private readonly Unit $unit)
    {
    }

    /** @throws BadKit with the place and the reason */
    public static function read(string $json): Recipe
    {
        if (strlen($json) > RecipeFile::MOST_BYTES) {
            throw BadKit::at('', 'The file is larger than 2 MB. A recipe is a text.');
        }

        return self::written(OpenFile::read($json, RecipeFile::FORMAT, RecipeFile::VERSION, 'recipes'));
    }

    /**
     * @param  array<mixed>  $data  as RecipeFile writes it
     *
     * @throws BadKit with the place and the reason
     */
    public static function written(array $data): Recipe
    {
        $unit = Fields::of($data, '', null)->choice('unit', Unit::class);

        return (new self($unit))->recipe(Fields::of($data, '', $unit));
    }

    private function recipe(Fields $fields): Recipe
    {
        // How it was computed is information for readers of the file only.
        foreach (['format', 'version', 'unit', ...$fields->has('made') ? ['made'] : []] as $known) {
            $fields->value($known);
        }
        $name = $fields->text('name');
        $letters = $fields->items('letters');
        if (count($letters) > Recipe::MOST_LETTERS) {
            throw BadKit::at('letters', sprintf('there are more than %d.', Recipe::MOST_LETTERS));
        }
        foreach ($letters as $i => $item) {
            $this->ask($fields->item('letters', $i, $item));
        }
        $cards = [];
        foreach ($fields->items('cards') as $i => $item) {
            $own = $fields->item('cards', $i, $item);
            $card = $this->card($own);
            $cards[$card->number] = isset($cards[$card->number])
                ? throw BadKit::at($own->place('number'), "there is a card $card->number already.")
                : $card;
        }
        $fields->nothingElse();
        if ($cards === [] || count($cards) > Recipe::MOST_CARDS) {
            throw BadKit::at('cards', sprintf('a recipe has from 1 to %d.', Recipe::MOST_CARDS));
        }
        $pieces = Card::piecesOf(array_values($cards));
        $cut = [];
        foreach ($this->asked as $letter => [$sheet, $front, $back, $own]) {
            $cut[] = Letter::of($letter, $front, $back, $this->plans($letter, $sheet, $own, $pieces[$letter] ?? []));
            $own->nothingElse();
        }

        return Recipe::of($name, $this->unit, $cut, array_values($cards));
    }

    private function ask(Fields $fields): void
    {
        $letter = $fields->text('letter');
        if (preg_match('/^[A-Z]{1,2}$/', $letter) !== 1 || isset($this->asked[$letter])) {
            throw BadKit::at($fields->place('letter'), 'expected a capital letter that no other paper has.');
        }
        $this->asked[$letter] = [
            $fields->size('sheet', Length::inches(self::LONGEST)),
            self::print($fields, 'front'),
            self::print($fields, 'back'),
            $fields,
        ];
    }

    private static function print(Fields $fields, string $side): AskedPrint
    {
        if (! $fields->has($side)) {
            return AskedPrint::any();
        }
        $print = $fields->object($side);
        $look = $print->text('print', 'any');
        if (! in_array($look, ['any', 'busy', 'calm'], true)) {
            throw BadKit::at($print->place('print'), 'expected one of any, busy, calm.');
        }
        $asked = AskedPrint::of($look === 'any' ? null : $look === 'busy', $print->flag('up'));
        $print->nothingElse();

        return $asked;
    }

    private function card(Fields $fields): Card
    {
        $card = Card::of(
            max(1, $fields->count('number', 10_000)),
            $this->sketch($fields),
            WrittenCard::size($fields),
            $fields->occasion('occasion'),
            [],
            $fields->has('frame') ? $fields->length('frame') : null,
            $fields->choice('fold', FoldKind::class, FoldKind::Side),
            $fields->has('set') ? $fields->count('set', 10_000) : null,
            WrittenCard::arrangement($fields, $this->unit),
        );
        try {
            $card->layout($this->unit);
        } catch (Refusal $wrong) {
            throw BadKit::at($fields->place('sketch'), $wrong->getMessage());
        }
        // The room for a picture and words follows from the sketch.
        foreach (array_filter(['picture', 'words'], $fields->has(...)) as $said) {
            $fields->value($said);
        }
        $card = $card->fitted($this->takings($fields, $card));
        $fields->nothingElse();

        return $card;
    }

    private function sketch(Fields $fields): Sketch
    {
        $name = $fields->text('sketch');

        return WrittenCard::design($fields, $this->unit) ?? Sketches::manner($name) ?? throw BadKit::at(
            $fields->place('sketch'),
            "no sketch \"$name\" ships with Keep Share, and the card brings none.",
        );
    }

    /** @return list<Taking> */
    private function takings(Fields $fields, Card $card): array
    {
        $papers = $fields->has('papers') ? $fields->object('papers') : Fields::of([], $fields->place('papers'), $this->unit);
        $stocks = $fields->has('cardstock') ? $fields->object('cardstock') : Fields::of([], $fields->place('cardstock'), $this->unit);
        $done = $fields->has('treated') ? $fields->object('treated') : Fields::of([], $fields->place('treated'), $this->unit);
        $takings = [];
        foreach ($this->parts($card, [...$papers->keys(), ...$stocks->keys()]) as $part => $role) {
            $size = $card->cutOf($part, $this->unit) ?? throw BadKit::at($papers->place($part), "the card has no part \"$part\".");
            $taking = match (true) {
                $papers->has($part) => $this->paper($papers, $part, $role, $size),
                $role?->isPaper() === true => throw BadKit::at($papers->place($part), 'is missing: say which letter it is cut from.'),
                default => Taking::piece(
                    ($stocks->has($part) ? $stocks->choice($part, StockRole::class) : StockRole::of($role, null))->value,
                    $part,
                    $size,
                    0,
                    true,
                ),
            };
            $takings[] = $taking->treated($done->has($part) ? self::treated($done, $part) : []);
        }
        foreach ([$papers, $stocks, $done] as $own) {
            $own->nothingElse();
        }

        return $takings;
    }

    /**
     * The parts that are cut: those of the sketch, and the named parts of its fold and inside.
     *
     * @param  list<string>  $named
     * @return array<string, Role|null>
     */
    private function parts(Card $card, array $named): array
    {
        $parts = [];
        foreach ($card->sketch->parts as $part) {
            if ($part->role !== Role::Guide) {
                $parts[$part->id] = $part->role;
            }
        }
        foreach ($named as $part) {
            if (! isset($parts[$part]) && (FoldPart::isOne($part) || $part === InsidePart::ID)) {
                $parts[$part] = null;
            }
        }

        return $parts;
    }

    private function paper(Fields $papers, string $part, ?Role $role, Size $size): Taking
    {
        $said = $papers->text($part);
        [$letter, $side] = [...explode(' ', $said, 2), ''];
        if (! isset($this->asked[$letter]) || ! in_array($side, ['', 'back'], true)) {
            throw BadKit::at($papers->place($part), "there is no paper \"$said\": expected a letter, or \"A back\" for its other face.");
        }
        [, $front, $back] = $this->asked[$letter];
        $print = $side === 'back' ? $back : $front;

        return Taking::piece($letter, $part, $size, (int) ($side === 'back'), ! $print->hasUp || $role?->mayTurn() === true);
    }

    /** @return list<Treated> */
    private static function treated(Fields $done, string $part): array
    {
        $treated = [];
        foreach ($done->items($part) as $i => $item) {
            $one = $done->item($part, $i, $item);
            $key = $one->text('treatment');
            if (! isset(Treatments::all()[$key])) {
                throw BadKit::at($one->place('treatment'), "there is no treatment \"$key\".");
            }
            $treated[] = Treated::by($key, null, $one->text('option', ''));
            $one->nothingElse();
        }

        return $treated;
    }

    /**
     * @param  list<Piece>  $pieces  that the cards want of it
     * @return non-empty-list<SheetPlan>
     */
    private function plans(string $letter, Size $sheet, Fields $fields, array $pieces): array
    {
        if (! $fields->has('cuts')) {
            return self::planned($letter, $sheet, $fields, $pieces);
        }
        $cuts = $fields->items('cuts');
        if ($cuts === [] || count($cuts) > self::MOST_SHEETS) {
            throw BadKit::at($fields->place('cuts'), sprintf('expected the cuts of 1 to %d sheets.', self::MOST_SHEETS));
        }
        $plans = [];
        foreach ($cuts as $i => $tree) {
            $root = TemplateTree::read($fields->item('cuts', $i, $tree), Rect::whole($sheet));
            $plans[] = SheetPlan::of(Stock::sheet("$letter/$i", $sheet), $root);
        }
        $this->compare($plans, $pieces, $fields->place('cuts'));

        return $plans;
    }

    /**
     * @param  list<SheetPlan>  $plans
     * @param  list<Piece>  $pieces
     */
    private function compare(array $plans, array $pieces, string $place): void
    {
        $wanted = array_column($pieces, null, 'id');
        foreach ($plans as $i => $plan) {
            foreach ($plan->pieces() as $leaf) {
                $piece = $wanted[$leaf->piece] ?? throw BadKit::at(
                    "{$place}[$i]",
                    "no card needs the piece $leaf->piece of it, or it is cut twice.",
                );
                $size = $leaf->rect()->size;
                if (! ($leaf->turned ? $size->turned() : $size)->equals($piece->size) || ($leaf->turned && ! $piece->mayTurn)) {
                    throw BadKit::at("{$place}[$i]", sprintf(
                        'piece %s is %s there, and its card needs %s.',
                        $leaf->piece,
                        $size->label($this->unit),
                        $piece->size->label($this->unit),
                    ));
                }
                unset($wanted[$leaf->piece]);
            }
        }
        if ($wanted !== []) {
            throw BadKit::at($place, 'no sheet gives the pieces '.implode(', ', array_keys($wanted)).'.');
        }
    }

    /**
     * @param  list<Piece>  $pieces
     * @return non-empty-list<SheetPlan>
     */
    private static function planned(string $letter, Size $sheet, Fields $fields, array $pieces): array
    {
        $sheets = $fields->count('sheets', self::MOST_SHEETS, 1);
        $stock = array_map(static fn (int $n): Stock => Stock::sheet("$letter/$n", $sheet), $sheets === 0 ? [] : range(1, $sheets));
        $plan = Engine::plan($stock, $pieces);
        if (! $plan->isComplete() || $plan->sheets === []) {
            throw BadKit::at($fields->place('sheets'), sprintf(
                'from so many sheets these pieces were not found to be cut: %s.',
                implode(', ', array_column($plan->unplaced, 'id')) ?: 'no card needs one',
            ));
        }

        return $plan->sheets;
    }
}
