<?php

return [
    // How many cards are taken off and made anew, at most, to make a share-out better.
    'steps' => (int) env('SHARE_OUT_STEPS', 100),
];
