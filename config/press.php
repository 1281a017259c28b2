<?php

declare(strict_types=1);

// Where load cell and travel gauge of the press answer, as host:port. ./start runs a simulated one and names it here.
return [
    'gauge' => env('PRESS_GAUGE'),
    // Said by whoever started the simulated one: what it sends is told as a simulation, and kept in the demo alone.
    'stand_in' => (bool) env('PRESS_STAND_IN', false),
];
