<?php

namespace App\Recipes;

use App\Models\Kit;
use App\Table\RecipeShelf;
use KeepShare\Core\Recipe\Recipe;

/** How a recipe is to be used: which papers some letters take, and where others may come from. */
final readonly class LayAsk
{
    /**
     * @param  string  $key  of the recipe on the shelf
     * @param  array<string, string>  $fixed  the paper of some letters, as Candidate::key() has it
     * @param  bool  $stash  papers and goods of the stash too
     * @param  list<int>  $kits  the papers of these kits too
     */
    private function __construct(
        public string $key,
        public Recipe $recipe,
        public array $fixed,
        public bool $stash,
        public array $kits,
    ) {
    }

    /**
     * @param  array<string, string>  $fixed
     * @param  list<int>  $kits
     */
    public static function for(string $key, array $fixed, bool $stash, array $kits): self
    {
        return new self($key, RecipeShelf::find($key), $fixed, $stash, $kits);
    }

    /** It changes with the recipe and with the kits. */
    public function mark(): string
    {
        $revisions = Kit::query()->whereKey($this->kits)->orderBy('id')->pluck('revision', 'id')->all();

        return md5(serialize([$this->recipe, $this->fixed, $this->stash, $revisions]));
    }
}
