<?php

declare(strict_types=1);

// Where load cell and travel gauge of the press answer, as host:port. ./start runs a simulated one and names it here.
return ['gauge' => env('PRESS_GAUGE')];
