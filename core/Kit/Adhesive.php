<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

/** Glue, glue dots or tape, counted by piece, bottle or roll. Nobody counts what there is plenty of. */
final readonly class Adhesive implements Good
{
    use Whole;

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

    public static function read(GoodFields $fields): self
    {
        return self::of($fields->fields->choice('form', AdhesiveForm::class), $fields->fields->flag('plenty'));
    }

    public function write(GoodWriter $as): array
    {
        return ['form' => $this->form->value, 'plenty' => $this->plenty];
    }

    public static function inRow(TableRow $row): array
    {
        return ['form' => $row->cell('form') ?? 'glue', 'plenty' => $row->cell('count') === null ? true : null];
    }

    public static function jotted(Jotting $line): self
    {
        return self::of(AdhesiveForm::tryFrom($line->word) ?? AdhesiveForm::Glue, $line->plenty || $line->each === null);
    }

    public function isPlenty(): bool
    {
        return $this->plenty;
    }

    public static function group(): KindGroup
    {
        return KindGroup::Trimmings;
    }
}
