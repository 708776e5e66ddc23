<?php

namespace App\Shelf;

use App\Ledger\ImportKit;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use KeepShare\Core\Kit\BadKit;
use KeepShare\Core\Kit\KitFile;

final class KitPostController
{
    public function store(Request $request, KitPost $post, ImportKit $import): RedirectResponse
    {
        try {
            $file = $post->fetch($request->string('code')->trim()->toString());
        } catch (BadKit $wrong) {
            return back()->withErrors(['code' => $wrong->getMessage()]);
        }
        try {
            $kit = $import->bringIn(KitFile::read($file));
        } catch (BadKit $wrong) {
            return back()->withErrors(['code' => 'The kit post answered with something that is no kit: '.$wrong->faults[0]]);
        }

        return to_route('kits.show', $kit)->with('notice', "$kit->name is on the table.");
    }
}
