<?php

declare(strict_types=1);

// Pages of no other origin may call this server: none is let in, with cookies or without.
return ['paths' => []];
