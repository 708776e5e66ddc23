<?php

declare(strict_types=1);

namespace KeepShare\Core\Design;

use Closure;
use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\CutAlready;
use KeepShare\Core\Card\Part\BasePart;
use KeepShare\Core\Card\Part\FocalPart;
use KeepShare\Core\Card\Part\InsidePart;
use KeepShare\Core\Card\Part\LabelPart;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Fold\FoldPart;
use KeepShare\Core\Fold\Stuff;
use KeepShare\Core\Kit\CardBase;
use KeepShare\Core\Kit\Surface;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Sketch\CannotResolve;
use KeepShare\Core\Sketch\Role;
use KeepShare\Core\Table\RemainingStock;
use KeepShare\Core\Table\Table;

/**
 * Fits an existing card to another design: another sketch, front, frame, fold or measure.
 *
 * A part keeps its paper if the part stays and its new size can be cut. A new part gets the best match for the largest
 * paper. What is not available stays open. Other cards are not touched.
 */
final readonly class Refit
{
    private function __construct(private Table $table, private RemainingStock $remains, private Supplies $supplies, private Filler $filler)
    {
    }

    /** @param  Table  $table  as it lies without what the card itself takes, save what has been cut */
    public static function on(Table $table): self
    {
        $remains = RemainingStock::on($table);
        $variety = Variety::on($table);
        $supplies = Supplies::of($table, $remains, $variety);

        return new self($table, $remains, $supplies, Filler::of($table, $remains, $supplies, $variety));
    }

    /**
     * The card with its takings fitted to its design.
     *
     * @param  Card  $card  the new design with the old takings
     * @param  list<string>  $cut  the parts that are cut already and stay as they are
     *
     * @throws CannotResolve when the sketch does not fit
     * @throws CutAlready when a part that is cut would change
     */
    public function card(Card $card, array $cut): Card
    {
        $parts = $this->wanted($card);
        $takings = self::loose($card);
        $promised = [];
        foreach ($takings as $taking) {
            $piece = in_array($taking->part, $cut, true) ? null : $taking->toPiece($taking->part);
            if ($piece !== null) {
                $promised[$taking->component][] = $piece;
            }
        }
        $main = null;
        $filled = [];
        foreach ($parts as $id => [$role, $size, $name, $carrier, $isAslant]) {
            $wanted = fn (): array => self::unusedFirst(
                $this->filler->ranked($role, $size, $main, $filled[$carrier] ?? null, $isAslant),
                $filled,
            );
            $taking = $this->fitting($card, $id, [$role, $size, $name], $wanted, $promised, $cut);
            if ($taking === null) {
                continue;
            }
            $takings[] = $taking;
            $filled[$id] = $this->table->surfaceOf($taking);
            if (! in_array($id, $cut, true)) {
                $promised[$taking->component][] = Piece::of($id, $size, $taking->mayTurn);
            }
            $main ??= $role->isPaper() ? $filled[$id] : null;
        }
        foreach ($cut as $id) {
            if (! isset($parts[$id]) && ! in_array($id, [BasePart::ID, LabelPart::ID], true)) {
                throw CutAlready::part($id);
            }
        }

        return Card::of(
            $card->number,
            $card->sketch,
            $card->front,
            $card->occasion,
            [...$takings, ...$this->foundation($card, $cut)],
            $card->frame,
            $card->fold,
            $card->set,
        );
    }

    /**
     * One print twice on a front is a mistake, unless there is no other. One mat colour twice is fine.
     *
     * @param  list<Surface>  $surfaces
     * @param  array<string, Surface|null>  $filled
     * @return list<Surface>
     */
    private static function unusedFirst(array $surfaces, array $filled): array
    {
        $isUsed = static fn (Surface $one): bool => $one->isPaper
            && array_filter($filled, static fn (?Surface $other): bool => $other?->key === $one->key) !== [];
        usort($surfaces, static fn (Surface $a, Surface $b): int => $isUsed($a) <=> $isUsed($b));

        return $surfaces;
    }

    /**
     * The needs of a design. For each part: its role, its cut size, its name, what carries it, and whether it lies at
     * an angle.
     *
     * @return array<string, array{Role, Size, string, string, bool}> by part, the largest paper first
     */
    private function wanted(Card $card): array
    {
        $layout = $card->layout($this->table->unit);
        $parts = [];
        foreach ($layout->largestPaperFirst() as $laid) {
            $parts[$laid->part->id] = [
                $laid->part->role,
                $laid->cut,
                $laid->part->name,
                $layout->carriedBy($laid)->part->id ?? '',
                $laid->part->form->kind->isAslant(),
            ];
        }
        if ($card->taking(InsidePart::ID) !== null) {
            $parts[InsidePart::ID] = [Role::Label, $layout->inside, 'inside panel', '', false];
        }
        foreach ($card->construction($this->table->unit)->parts as $part) {
            $role = $part->isFace ? null : self::roleOf($part);
            if ($role !== null) {
                $parts[$part->onCard()] = [$role, $part->size, $part->name, '', false];
            }
        }

        return $parts;
    }

    /**
     * The papers that could replace that of a part, the best first.
     *
     * @return list<Surface>
     */
    public function surfacesFor(Role $role, Size $cut, ?Surface $main): array
    {
        return $this->filler->ranked($role, $cut, $main);
    }

    /**
     * @param  array{Role, Size, string}  $part  its role, what is cut for it, its name
     * @param  Closure(): list<Surface>  $ranked  what it may be cut from instead, the best first
     * @param  array<string, list<Piece>>  $promised  what the card takes already, by component
     * @param  list<string>  $cut
     */
    private function fitting(Card $card, string $id, array $part, Closure $ranked, array $promised, array $cut): ?Taking
    {
        [$role, $size, $name] = $part;
        $old = $card->taking($id);
        if ($old?->size !== null && in_array($id, $cut, true)) {
            return $old->size->matches($size) ? $old : throw CutAlready::part($name);
        }
        $wanted = $old === null ? null : $this->table->surfaceOf($old);
        foreach ([...($wanted === null ? [] : [$wanted]), ...$ranked()] as $surface) {
            $mayTurn = $surface->mayTurnAs($role);
            if (
                $this->remains->planWith(
                    $surface->component,
                    ...[...$promised[$surface->component] ?? [], Piece::of($id, $size, $mayTurn)],
                ) !== null
            ) {
                return Taking::piece($surface->component, $id, $size, $surface->index, $mayTurn)->treated($old->treated ?? []);
            }
        }

        return null;
    }

    /**
     * Parts that are not cut: pictures, words, trimmings.
     *
     * @return list<Taking>
     */
    private static function loose(Card $card): array
    {
        return array_values(
            array_filter(
                $card->takings,
                static fn (Taking $taking): bool => $taking->part !== BasePart::ID
                    && ($taking->size === null || in_array($taking->part, [LabelPart::ID, FocalPart::ID], true)),
            ),
        );
    }

    /**
     * The base: the present one if it will do, or a blank for the fold.
     *
     * @param  list<string>  $cut
     * @return list<Taking>
     */
    private function foundation(Card $card, array $cut): array
    {
        $base = $card->taking(BasePart::ID);
        $blank = $card->construction($this->table->unit)->blank->size;
        $good = $base === null ? null : ($this->table->components[$base->component] ?? null)?->good;
        if ($base !== null && $good instanceof CardBase && $card->fold->fitsReadyBase() && $good->front->matches($card->front)) {
            return [$base];
        }
        if ($base !== null && in_array(BasePart::ID, $cut, true)) {
            return $base->size?->matches($blank) === true ? [$base] : throw CutAlready::part(BasePart::ID);
        }

        $new = $this->supplies->baseOf($blank);

        return $new === null ? [] : [$new];
    }

    private static function roleOf(FoldPart $part): ?Role
    {
        return match ($part->stuff) {
            Stuff::Paper => Role::Background,
            Stuff::Cardstock, Stuff::Base => Role::Ground,
            // The maker finds clear sheets and foam, since few kits have them.
            Stuff::Acetate, Stuff::Foam => null,
        };
    }
}
