<?php

namespace App\Prints;

use App\Models\CutPlan;
use App\Models\Kit;
use App\Models\Taking;
use App\Pages\CutSheets;
use KeepShare\Core\Cut\Cut;
use KeepShare\Core\Cut\Direction;
use KeepShare\Core\Cut\Leaf;
use KeepShare\Core\Cut\SheetPlan;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Unit;

/** A sheet with its cuts, in real millimetres as SVG, and as a page to lay beside the trimmer. */
final readonly class SheetPrint
{
    /** The width and height of the page that the drawing may take, in millimetres. */
    private const WIDE = 185;

    private const HIGH = 190;

    private function __construct(private Kit $kit, private SheetPlan $plan, private CutPlan $record)
    {
    }

    public static function of(Kit $kit, CutPlan $plan): self
    {
        return new self($kit, $plan->toCore(), $plan);
    }

    /** @param  string  $in  the unit of its size; the PDF maker sizes it itself and wants none */
    public function svg(string $in = 'mm'): string
    {
        $size = $this->plan->stock->size;
        [$w, $h] = [self::mm($size->width), self::mm($size->height)];
        $parts = implode("\n", array_map($this->part(...), $this->plan->leaves()));
        $cuts = implode("\n", array_map(self::cut(...), $this->plan->cuts()));

        return <<<SVG
            <?xml version="1.0" encoding="UTF-8"?>
            <svg xmlns="http://www.w3.org/2000/svg" width="{$w}{$in}" height="{$h}{$in}" viewBox="0 0 $w $h">
            <rect width="$w" height="$h" fill="#ffffff" stroke="#1d2b33" stroke-width="0.3"/>
            $parts
            $cuts
            </svg>
            SVG;
    }

    public function pdf(): string
    {
        $size = $this->plan->stock->size;
        [$w, $h] = [(float) self::mm($size->width), (float) self::mm($size->height)];
        // To scale where the page holds it; else by a scale that is said.
        $scale = min(1.0, self::WIDE / $w, self::HIGH / $h);
        $page = CutSheets::of($this->kit, null)->inHand($this->record->sheet_id);

        return (string) Pdf::render(
            view('sheet-plan', [
                'kit' => $this->kit,
                'sheet' => $page,
                'scale' => $scale === 1.0
                        ? 'In its real size when printed at 100 %.'
                        : sprintf(
                            'Drawn at %d %% of its real size; the measures are written.',
                            (int) floor(100 * $scale),
                        ),
                'width' => sprintf('%.2F', $w * $scale),
                'height' => sprintf('%.2F', $h * $scale),
                'svg' => 'data:image/svg+xml;base64,'.base64_encode($this->svg('')),
            ])->render(),
            $this->kit->unit,
        )->output();
    }

    private function part(Leaf $leaf): string
    {
        $r = $leaf->rect();
        $name = $leaf->piece === null ? 'keep' : $this->labelOf((int) $leaf->piece);

        return sprintf(
            '<rect x="%1$s" y="%2$s" width="%3$s" height="%4$s" fill="%5$s"/><text x="%6$s" y="%7$s" font-family="sans-serif" font-size="4" fill="#1d2b33">%8$s</text>',
            self::mm($r->x),
            self::mm($r->y),
            self::mm($r->size->width),
            self::mm($r->size->height),
            $leaf->piece === null ? '#eeeeea' : '#ffffff',
            (float) self::mm($r->x) + 2,
            (float) self::mm($r->y) + 6,
            htmlspecialchars("$name, {$r->size->format($this->kit->unit)}", ENT_XML1),
        );
    }

    /** What a piece is for: "card 4, strip". */
    private function labelOf(int $taking): string
    {
        $found = Taking::query()->with('card.kit')->find($taking);
        if ($found === null) {
            return '?';
        }
        $whose = $found->card->kit_id === $this->kit->id ? '' : "{$found->card->kit->name} ";

        return "{$whose}card {$found->card->number}, {$found->partName()}";
    }

    private static function cut(Cut $cut): string
    {
        $part = $cut->part();
        $isDown = $cut->direction() === Direction::Down;
        $x = $isDown ? $part->x->plus($cut->at()) : $part->x;
        $y = $isDown ? $part->y : $part->y->plus($cut->at());

        return sprintf(
            '<path d="M%s %sL%s %s" stroke="#0b5a6b" stroke-width="0.6" stroke-dasharray="3 2"/><text x="%s" y="%s" font-family="sans-serif" font-size="5" font-weight="bold" fill="#0b5a6b">%d</text>',
            self::mm($x),
            self::mm($y),
            self::mm($isDown ? $x : $part->right()),
            self::mm($isDown ? $part->bottom() : $y),
            (float) self::mm($x) + 1,
            (float) self::mm($y) + ($isDown ? 12 : -1),
            $cut->number,
        );
    }

    private static function mm(Length $length): string
    {
        return $length->exact(Unit::Millimetre);
    }
}
