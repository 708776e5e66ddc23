<?php

namespace App\Recipes;

use App\Models\Kit;

/** What is asked of laying a recipe: with which papers for some letters, and where others may come from. */
final readonly class LayAsk
{
    /**
     * @param  string  $recipe  its key on the shelf
     * @param  array<string, string>  $fixed  the paper of some letters, as Candidate::key() has it
     * @param  bool  $stash  papers and goods of the stash too
     * @param  list<int>  $kits  the papers of these kits too
     */
    public function __construct(public string $recipe, public array $fixed, public bool $stash, public array $kits)
    {
    }

    /** Another once the recipe or one of the kits is. */
    public function mark(): string
    {
        $revisions = Kit::query()->whereKey($this->kits)->orderBy('id')->pluck('revision', 'id')->all();

        return md5(serialize([RecipeShelf::find($this->recipe), $this->fixed, $this->stash, $revisions]));
    }
}
