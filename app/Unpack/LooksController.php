<?php

namespace App\Unpack;

use App\Acts\PhotoRequest;
use App\Files\KeptPicture;
use App\Journal\Journal;
use App\Models\Component;
use App\Models\Kit;
use App\Models\Photo;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response as PlainResponse;
use Illuminate\Validation\Rule;
use KeepShare\Core\Kit\Motif;

/** How a face of a paper looks: by hand, or read from a photograph and corrected. */
final class LooksController
{
    public function show(Kit $kit, Component $component, Request $request): LooksPage
    {
        abort_unless($component->kind->isPrintedPaper(), 404);
        $token = $request->session()->get('photo');

        return LooksPage::of(
            $component,
            min(1, $request->integer('face')),
            is_string($token) ? KeptPhoto::find($token) : null,
        );
    }

    public function read(Kit $kit, Component $component, PhotoRequest $request): RedirectResponse
    {
        return back()->with('photo', KeptPhoto::lay($request->photo())->token);
    }

    public function store(Kit $kit, Component $component, Request $request, Journal $journal): RedirectResponse
    {
        abort_unless($component->kind->isPrintedPaper(), 404);
        $request->validate(
            [
                'face' => ['required', 'integer', 'between:0,1'],
                'name' => ['required', 'string', 'max:200'],
                'motif' => ['required', Rule::enum(Motif::class)],
                'colours' => ['required', 'array', 'between:1,6'],
                'colours.*' => ['regex:/^#[0-9a-fA-F]{6}$/'],
                'busy' => ['boolean'],
                'directional' => ['boolean'],
            ],
            [
                'name.*' => 'Give the face a name of up to 200 characters.',
                'colours.*' => 'A face has one to six colours, each as in #2b6b5a.',
            ],
        );
        $kept = KeptPhoto::find($request->string('token')->toString());
        $face = $request->integer('face');
        $journal->act(
            $kit,
            "Change the looks of $component->name",
            $request->integer('revision'),
            static function () use ($component, $request, $face, $kept): void {
                $details = $component->details;
                $details['faces'][$face] = [
                    ...$details['faces'][$face],
                    'name' => $request->string('name')->trim()->toString(),
                    'motif' => $request->string('motif')->toString(),
                    'colours' => array_values($request->array('colours')),
                    'busy' => $request->boolean('busy'),
                    'directional' => $request->boolean('directional'),
                ];
                $component->update(['details' => $details]);
                $old = Photo::query()->where('component_id', $component->id)->where('face', $face)->first();
                if ($request->boolean('as_swatch') && $kept !== null) {
                    $old?->delete();
                    Photo::query()->create([
                        'component_id' => $component->id,
                        'face' => $face,
                        'jpeg' => $kept->jpeg,
                    ]);
                }
                if ($request->boolean('drop_photo')) {
                    $old?->delete();
                }
            },
        );

        return to_route('kits.looks', [$kit, $component, 'face' => $face])->with('notice', 'Kept.');
    }

    public function photo(Photo $photo): PlainResponse
    {
        return KeptPicture::response($photo->jpeg);
    }
}
