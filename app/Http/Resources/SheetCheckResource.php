<?php

declare(strict_types=1);

namespace App\Http\Resources;

/** What a sheet would come to. Its shape is that of SheetCheck. */
final class SheetCheckResource extends ApiResource {}
