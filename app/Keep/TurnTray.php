<?php

namespace App\Keep;

use App\Cards\BonusCards;
use App\Jobs\Task;
use App\Models\Kit;
use App\Table\Search;
use Closure;
use KeepShare\Core\Tray\TrayPlan;
use KeepShare\Core\Tray\WholeTray;

/**
 * Searches for the best way to turn all scraps of a kit into standard parts. The maker takes from it what they like.
 */
final readonly class TurnTray implements Task
{
    public static function found(Kit $kit): ?TrayPlan
    {
        $found = self::search($kit)->found();

        return $found instanceof TrayPlan ? $found : null;
    }

    public static function search(Kit $kit): Search
    {
        return Search::for('tray', $kit);
    }

    public function run(int $on): void
    {
        $kit = Kit::query()->findOrFail($on);
        self::search($kit)->run(static function (Closure $goOn) use ($kit): TrayPlan {
            $tray = Tray::of($kit, BonusCards::wishes($kit));

            return WholeTray::turned($tray->table->sparesApart(), $tray->scraps(), $tray->lacks(), $goOn);
        });
    }

    /** The page asks again. */
    public function brokeOff(int $on): void
    {
    }
}
