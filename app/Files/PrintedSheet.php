<?php

namespace App\Files;

use App\Drawing\CutDrawing;
use App\Models\PrintPaper;
use KeepShare\Core\Kit\Component;

/**
 * A sheet with its cuts on paper.
 *
 * @phpstan-import-type DrawnSheet from CutDrawing
 */
final readonly class PrintedSheet
{
    private function __construct(public CutDrawing $drawing, private OnPaper $placing)
    {
    }

    /**
     * @param  DrawnSheet  $sheet
     * @param  array<string, Component>  $components  by id
     * @param  float  $high  room among the text, in millimetres
     */
    public static function on(PrintPaper $paper, array $sheet, array $components, float $high): self
    {
        $real = CutDrawing::real($sheet, $components);
        $placing = OnPaper::on($paper, $real->bare(), $real->labelled(), [OnPaper::width($paper), $high]);

        return new self(match (true) {
            $placing->isKeyed() => CutDrawing::keyed($sheet, $components),
            $placing === OnPaper::Smaller => CutDrawing::within($sheet, $components, OnPaper::width($paper), $high),
            default => $real,
        }, $placing);
    }

    public function says(): string
    {
        return $this->placing === OnPaper::Smaller ? $this->drawing->says() : $this->placing->says();
    }

    public function isOwnPage(): bool
    {
        return $this->placing->isOwnPage();
    }

    /** @param  string  $shows  what is drawn, for who does not see it */
    public function picture(string $shows): string
    {
        return $this->placing->inline($this->drawing->svg(), $shows);
    }
}
