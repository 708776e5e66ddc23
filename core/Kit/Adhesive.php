<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

/** Glue, glue dots or tape: counted by piece, bottle or roll; where there is plenty nobody counts it. */
final readonly class Adhesive implements Good
{
    private function __construct(public AdhesiveForm $form, public bool $plenty)
    {
    }

    public static function of(AdhesiveForm $form, bool $plenty = false): self
    {
        return new self($form, $plenty);
    }

    public function kind(): Kind
    {
        return Kind::Adhesive;
    }
}
