<?php

declare(strict_types=1);

namespace KeepShare\Core\Tray;

use KeepShare\Core\Table\Table;

/** One kind of standard part that scraps become. A new one is a class and a line in PartKinds. */
interface PartKind
{
    /** @return list<StandardPart> every size of it that is of use on this table; some may come twice */
    public function on(Table $table): array;
}
