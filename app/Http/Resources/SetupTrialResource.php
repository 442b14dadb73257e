<?php

declare(strict_types=1);

namespace App\Http\Resources;

/** What another set-up, club or lie would do in the model. Its shape is that of the core. */
final class SetupTrialResource extends ApiResource {}
