<?php

namespace App\Http\Stages;

/** A page of a stage: its address under that of the kit, and what answers there. */
final readonly class StagePage
{
    /**
     * @param  array{class-string, string}  $action
     * @param  string|null  $label  in the row of its stage; null where another page leads to it
     */
    private function __construct(public string $path, public array $action, public ?string $label)
    {
    }

    /** @param  array{class-string, string}  $action */
    public static function at(string $path, array $action, string $label): self
    {
        return new self($path, $action, $label);
    }

    /** @param  array{class-string, string}  $action */
    public static function behind(string $path, array $action): self
    {
        return new self($path, $action, null);
    }

    /** "kits.share-out.next" for share-out/next, "kits.cards" for cards/{card} */
    public function routeName(): string
    {
        return 'kits.'.implode('.', array_filter(explode('/', $this->path), static fn (string $part): bool => $part[0] !== '{'));
    }

    /** The part of the address that it has in common with the pages behind it. */
    public function root(): string
    {
        return explode('/', $this->path)[0];
    }
}
