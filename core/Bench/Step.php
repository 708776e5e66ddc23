<?php

declare(strict_types=1);

namespace KeepShare\Core\Bench;

/** One thing done to one card at the table. */
final readonly class Step
{
    /**
     * @param  string  $id  card number, kind and what it is done to: "3/mat/panel"
     * @param  string  $kind  the key of its kind
     * @param  list<string>  $pieces  the parts of the card it is done to, what it is about first
     * @param  int  $seconds  in hand
     * @param  int  $wait  seconds it is left alone afterwards, before anything that comes after it
     * @param  list<string>  $after  ids of the steps that come before it
     * @param  string  $says  a sentence to be read at arm's length
     * @param  list<string>  $cautions
     * @param  list<string>  $uses  the parts of which counted things are used up with it
     */
    private function __construct(
        public string $id,
        public int $card,
        public string $kind,
        public Phase $phase,
        public array $pieces,
        public HandTool $tool,
        public int $seconds,
        public int $wait,
        public array $after,
        public string $says,
        public array $cautions,
        public array $uses,
    ) {
    }

    /**
     * @param  non-empty-list<string>  $pieces
     * @param  list<string>  $cautions
     * @param  list<string>|null  $uses  null for the first of the pieces
     */
    public static function of(
        int $card,
        StepKind $kind,
        Phase $phase,
        array $pieces,
        HandTool $tool,
        int $seconds,
        string $says,
        int $wait = 0,
        array $cautions = [],
        ?array $uses = null,
    ): self {
        $id = "$card/{$kind->key()}/$pieces[0]";

        return new self(
            $id,
            $card,
            $kind->key(),
            $phase,
            $pieces,
            $tool,
            $seconds,
            $wait,
            [],
            $says,
            $cautions,
            $uses ?? [$pieces[0]],
        );
    }

    /** Its id without the number of the card, which may change: "mat/panel". */
    public function name(): string
    {
        return self::nameIn($this->id);
    }

    public static function nameIn(string $id): string
    {
        return explode('/', $id, 2)[1];
    }

    /** @param  list<string>  $ids  of the steps that come before it */
    public function after(array $ids): self
    {
        return $this->with($this->seconds, $ids);
    }

    public function taking(int $seconds): self
    {
        return $this->with($seconds, $this->after);
    }

    /** @param  list<string>  $after */
    private function with(int $seconds, array $after): self
    {
        return new self(
            $this->id,
            $this->card,
            $this->kind,
            $this->phase,
            $this->pieces,
            $this->tool,
            $seconds,
            $this->wait,
            $after,
            $this->says,
            $this->cautions,
            $this->uses,
        );
    }

    /** What is done to the same piece in an earlier phase comes first. Within a phase the order of the list counts. */
    public function comesBefore(self $other): bool
    {
        return $this->phase->value <= $other->phase->value && array_intersect($this->pieces, $other->pieces) !== [];
    }
}
