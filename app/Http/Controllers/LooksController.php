<?php

namespace App\Http\Controllers;

use App\Entry\SheetPhoto;
use App\Journal\Journal;
use App\Models\Component;
use App\Models\Kit;
use App\Models\Photo;
use App\Pages\GoodView;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response as PlainResponse;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Cache;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;
use KeepShare\Core\Kit\BadKit;
use KeepShare\Core\Kit\Motif;

/** How a face of a paper looks: by hand, or read from a photograph and then overruled where it is wrong. */
final class LooksController
{
    public function show(Kit $kit, Component $component, Request $request): Response
    {
        abort_unless($component->kind->isPrintedPaper(), 404);
        $token = $request->session()->get('photo');
        $read = is_string($token) ? Cache::get("photo:$token") : null;

        return Inertia::render('Looks', [
            'good' => GoodView::all([$component->toCore()])[$component->coreId()],
            'component' => $component->id,
            'face' => min(1, $request->integer('face')),
            'motifs' => array_column(Motif::cases(), 'value'),
            'proposal' => is_array($read) ? ['token' => $token, ...$read['proposal'], 'picture' => 'data:image/jpeg;base64,'.$read['jpeg']] : null,
        ]);
    }

    public function read(Kit $kit, Component $component, Request $request): RedirectResponse
    {
        abort_unless($component->kind->isPrintedPaper(), 404);
        $request->validate(['photo' => ['required', 'file', 'max:'.intdiv(SheetPhoto::MOST_BYTES, 1_024)]], [
            'photo.required' => 'Choose a picture first.',
            'photo.max' => 'The picture is larger than 8 MB.',
            'photo.*' => 'The picture did not arrive whole. It may be up to 8 MB.',
        ]);
        $file = $request->file('photo');
        try {
            $photo = SheetPhoto::read($file instanceof UploadedFile ? $file->getRealPath() : '');
        } catch (BadKit $wrong) {
            return back()->withErrors(['photo' => $wrong->getMessage()]);
        }
        $token = bin2hex(random_bytes(12));
        Cache::put("photo:$token", ['jpeg' => base64_encode($photo->jpeg), 'proposal' => [
            'colours' => array_map(static fn (array $share): array => ['hex' => $share['colour']->hex, 'percent' => $share['percent']], $photo->looks->colours),
            'busyness' => $photo->looks->busyness,
            'busy' => $photo->looks->isBusy(),
        ]], 3_600);

        return back()->with('photo', $token);
    }

    public function store(Kit $kit, Component $component, Request $request, Journal $journal): RedirectResponse
    {
        abort_unless($component->kind->isPrintedPaper(), 404);
        $request->validate([
            'face' => ['required', 'integer', 'between:0,1'],
            'name' => ['required', 'string', 'max:200'],
            'motif' => ['required', Rule::enum(Motif::class)],
            'colours' => ['required', 'array', 'between:1,6'],
            'colours.*' => ['regex:/^#[0-9a-fA-F]{6}$/'],
            'busy' => ['boolean'],
            'directional' => ['boolean'],
        ], ['name.*' => 'Give the face a name of up to 200 characters.', 'colours.*' => 'A face has one to six colours, each as in #2b6b5a.']);
        $kept = Cache::get('photo:'.$request->string('token'));
        $face = $request->integer('face');
        $journal->act($kit, "Change the looks of $component->name", $request->integer('revision'), static function () use ($component, $request, $face, $kept): void {
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
            if ($request->boolean('as_swatch') && is_array($kept)) {
                $old?->delete();
                Photo::query()->create(['component_id' => $component->id, 'face' => $face, 'jpeg' => $kept['jpeg']]);
            }
            if ($request->boolean('drop_photo')) {
                $old?->delete();
            }
        });

        return to_route('kits.looks', [$kit, $component, 'face' => $face])->with('notice', 'Kept.');
    }

    public function photo(Photo $photo): PlainResponse
    {
        return response((string) base64_decode($photo->jpeg), 200, ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=31536000, immutable']);
    }
}
