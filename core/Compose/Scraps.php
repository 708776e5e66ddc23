<?php

declare(strict_types=1);

namespace KeepShare\Core\Compose;

use KeepShare\Core\Arrange\GroupPiece;
use KeepShare\Core\Arrange\Pieces;
use KeepShare\Core\Arrange\Stands;
use KeepShare\Core\Card\Part\BackingDiePart;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Design\Supplies;
use KeepShare\Core\Design\Variety;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Kit\Shape;
use KeepShare\Core\Kit\Surface;
use KeepShare\Core\Kit\Tool;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Table\RemainingStock;
use KeepShare\Core\Table\Table;

/**
 * Pieces that can be cut for a group from what is left of sheets that are used anyway: backings, a strip of land,
 * banners. Twine comes off the roll. Nothing is cut that further cards could need.
 */
final readonly class Scraps
{
    /** A colour nearer than this, by CIEDE2000, cannot be told from what it lies on. */
    private const OFF = 12.0;

    /** How many papers are tried for one piece. */
    private const TRIED = 4;

    /** Twine goes round to the back at both ends: 1 in each. */
    private const ENDS = 406_400;

    private function __construct(private Table $table, private RemainingStock $remains, private Supplies $supplies, private bool $isOpen)
    {
    }

    /** @param  bool  $isOpen  false where all that is left is kept for further cards */
    public static function of(Table $after, RemainingStock $remains, bool $isOpen): self
    {
        return new self($after, $remains, Supplies::of($after, $remains, Variety::on($after)), $isOpen);
    }

    /**
     * A cut piece for a place of the group that no ready-made piece fills.
     *
     * @param  array<string, GroupPiece>  $stands  what stands there already
     * @param  list<Taking>  $with  what those take: pieces are cut beside them
     * @return array{GroupPiece, list<Taking>}|null
     */
    public function for(string $part, Stands $does, Canvas $canvas, array $stands, array $with): ?array
    {
        if ($does === Stands::Twine) {
            return $this->twine($canvas);
        }
        if (! $this->isOpen) {
            return null;
        }
        $picture = $stands[Pieces::FOCAL] ?? null;

        return match ($does) {
            Stands::Backing => $picture === null ? null : $this->backing($picture, $canvas, $with),
            Stands::Border => $this->ground($canvas, $with),
            Stands::Banner => $this->banner($part, $canvas, $with),
            default => null,
        };
    }

    /** @return array{GroupPiece, list<Taking>}|null */
    private function twine(Canvas $canvas): ?array
    {
        $long = $canvas->layout->front->width->units + self::ENDS;
        $ribbon = $this->supplies->ofKind(Kind::Ribbon, $long)[0] ?? null;
        if ($ribbon === null) {
            return null;
        }
        $lies = Size::ofUnits($canvas->layout->front->width->units, 12_700);

        return [
            GroupPiece::of(Pieces::TWINE, Stands::Twine, $ribbon->id, $ribbon->name, $lies, Shape::Label),
            [Taking::some($ribbon->id, Pieces::TWINE, $long)],
        ];
    }

    /**
     * @param  list<Taking>  $with
     * @return array{GroupPiece, list<Taking>}|null with a die that makes one larger all round, else a mat cut straight
     */
    private function backing(GroupPiece $picture, Canvas $canvas, array $with): ?array
    {
        $round = Length::inches(0, 1, 8);
        foreach ($this->dies($picture->size->grown($round)) as [$die, $makes, $shape]) {
            $cut = $this->cut(Pieces::BACKING, Stands::Backing, $makes, $this->plain($canvas), $shape, $with);
            if ($cut !== null) {
                return [$cut[0], [...$cut[1], Taking::some($die->id, BackingDiePart::ID, 0)]];
            }
        }

        return $this->cut(Pieces::BACKING, Stands::Backing, $picture->size->grown($round), $this->plain($canvas), null, $with);
    }

    /** @return list<array{Component, Size, Shape}> dies that cut a shape in which a picture has room */
    private function dies(Size $least): array
    {
        $dies = [];
        foreach ($this->supplies->dies() as $die) {
            $tool = $die->good;
            if ($tool instanceof Tool && $tool->makes !== null && $tool->shape !== null && $least->fitsIn($tool->makes)) {
                $dies[] = [$die, $tool->makes, $tool->shape];
            }
        }

        return $dies;
    }

    /**
     * @param  list<Taking>  $with
     * @return array{GroupPiece, list<Taking>}|null as wide as the panel, 3/4 in high
     */
    private function ground(Canvas $canvas, array $with): ?array
    {
        $size = Size::of($canvas->room->panel->size->width, Length::inches(0, 3, 4));

        return $this->cut(Pieces::BORDER, Stands::Border, $size, $this->plain($canvas), null, $with);
    }

    /**
     * @param  list<Taking>  $with
     * @return array{GroupPiece, list<Taking>}|null one of three lengths, each of another paper
     */
    private function banner(string $part, Canvas $canvas, array $with): ?array
    {
        $nth = (int) substr($part, -1);
        $high = [Length::inches(2), Length::inches(2, 1, 2), Length::inches(1, 3, 4)][$nth - 1] ?? Length::inches(2);
        $papers = array_values(array_filter(
            $this->supplies->papers(),
            static fn (Surface $one): bool => ! in_array($one->component, array_column($canvas->card->takings, 'component'), true),
        ));
        $turned = [...array_slice($papers, 2 * $nth), ...array_slice($papers, 0, 2 * $nth)];

        return $this->cut($part, Stands::Banner, Size::of(Length::inches(0, 3, 4), $high), $turned, Shape::Banner, $with);
    }

    /** @return list<Surface> cardstock that stands off what it lies on, and is not kept for bases */
    private function plain(Canvas $canvas): array
    {
        $stocks = array_values(array_filter(
            $this->supplies->cardstocks(),
            fn (Surface $one): bool => ! $this->supplies->makesBases($one)
                && ($canvas->ground === null || $one->face->ground()->differenceFrom($canvas->ground) > self::OFF),
        ));
        $apart = static fn (Surface $one): float => Liking::nearest([$one->face->ground()], $canvas->palette);
        // A colour of the card, the lighter ones first, since a picture stands out on it.
        $rank = static fn (Surface $one): array => [$apart($one) > 25, -$one->face->ground()->lab()->lightness];
        usort($stocks, static fn (Surface $a, Surface $b): int => $rank($a) <=> $rank($b));

        return $stocks;
    }

    /**
     * @param  list<Surface>  $surfaces  the best first
     * @param  list<Taking>  $with  pieces that are cut beside it
     * @return array{GroupPiece, list<Taking>}|null where a sheet that is opened already gives it
     */
    private function cut(string $part, Stands $does, Size $size, array $surfaces, ?Shape $shape, array $with): ?array
    {
        foreach (array_slice($surfaces, 0, self::TRIED) as $surface) {
            $mayTurn = ! $surface->face->directional;
            $plan = $this->remains->mayYield($surface->component, $size, $mayTurn)
                ? $this->remains->planWith($surface->component, Piece::of($part, $size, $mayTurn), ...self::pieces($with, $surface))
                : null;
            if ($plan !== null && $this->remains->newlyOpened($surface->component, $plan) === 0) {
                $name = $this->table->components[$surface->component]->name;

                return [
                    GroupPiece::of($part, $does, $surface->component, $name, $size, $shape, $surface->index),
                    [Taking::piece($surface->component, $part, $size, $surface->index, $mayTurn)],
                ];
            }
        }

        return null;
    }

    /**
     * @param  list<Taking>  $takings
     * @return list<Piece> what they are cut from the same stock
     */
    private static function pieces(array $takings, Surface $surface): array
    {
        $same = array_filter($takings, static fn (Taking $one): bool => $one->component === $surface->component);

        return array_values(array_filter(array_map(static fn (Taking $one): ?Piece => $one->toPiece($one->part), $same)));
    }
}
