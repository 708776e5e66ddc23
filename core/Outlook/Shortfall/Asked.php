<?php

declare(strict_types=1);

namespace KeepShare\Core\Outlook\Shortfall;

/** One kind of wish that may fall short. It says whether the wish is met, and if not, why. */
interface Asked
{
    /** @return list<Shortfall> */
    public function look(Finished $out): array;
}
