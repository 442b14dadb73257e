<?php

declare(strict_types=1);

namespace LowPoint\Core\Records;

/** A property that stands under no key of its own. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class NoKey {}
