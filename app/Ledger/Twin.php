<?php

namespace App\Ledger;

use App\Models\Component;
use App\Models\Kit;
use App\Models\Photo;
use KeepShare\Core\Kit\Slug;

/** The same good in another kit, with its photographs. It is made if there is none. */
final class Twin
{
    public static function of(Component $component, Kit $to): Component
    {
        $twin = $to
            ->components()
            ->get()
            ->first(
                static fn (Component $other): bool => $other->kind === $component->kind
                    && $other->name === $component->name
                    && $other->details == $component->details,
            );

        return $twin ?? self::made($component, $to);
    }

    private static function made(Component $component, Kit $to): Component
    {
        $twin = Component::query()->create([
            'kit_id' => $to->id,
            'key' => Slug::unique($component->key, $to->keys()),
            'kind' => $component->kind,
            'name' => $component->name,
            'details' => $component->details,
            'listed' => 0,
            'is_counted' => true,
            'position' => 1 + (int) $to->components()->max('position'),
        ]);
        foreach (Photo::query()->where('component_id', $component->id)->get() as $photo) {
            Photo::query()->create(['component_id' => $twin->id, 'face' => $photo->face, 'jpeg' => $photo->jpeg]);
        }

        return $twin;
    }
}
