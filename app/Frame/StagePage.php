<?php

namespace App\Frame;

/** A page of a stage: its address below that of the kit, and its controller. */
final readonly class StagePage
{
    /**
     * @param  array{class-string, string}  $action
     * @param  string|null  $label  in the row of its stage; null where another page leads to it
     * @param  string|null  $stage  where it stands, if not in the stage of its own room
     * @param  string|null  $after  the path of the page that it stands behind there; null for the end
     */
    private function __construct(
        public string $path,
        public array $action,
        public ?string $label,
        public ?string $stage = null,
        public ?string $after = null,
    ) {
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

    /** The same page in a stage of another room. */
    public function in(string $stage, ?string $after = null): self
    {
        return new self($this->path, $this->action, $this->label, $stage, $after);
    }

    /** "kits.share-out.next" for share-out/next, "kits.cards" for cards/{card} */
    public function routeName(): string
    {
        return 'kits.'.implode('.', array_filter(explode('/', $this->path), static fn (string $part): bool => $part[0] !== '{'));
    }

    /** The part of the address that it shares with the pages behind it. */
    public function root(): string
    {
        return explode('/', $this->path)[0];
    }
}
