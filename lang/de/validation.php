<?php

declare(strict_types=1);

// What Laravel's own checks say in German; what the core says of figures and their ranges stands in ../de.json.
return [
    'array' => ':attribute muss eine Liste sein.',
    'between' => [
        'numeric' => ':attribute muss zwischen :min und :max liegen.',
        'file' => ':attribute muss zwischen :min und :max kB groß sein.',
        'string' => ':attribute muss :min bis :max Zeichen haben.',
        'array' => ':attribute muss :min bis :max Einträge haben.',
    ],
    'boolean' => ':attribute muss wahr oder falsch sein.',
    'date' => ':attribute muss ein Datum sein.',
    'distinct' => ':attribute steht doppelt da.',
    'email' => ':attribute muss eine E-Mail-Adresse sein.',
    'enum' => ':attribute ist keines der erlaubten Wörter.',
    'file' => ':attribute muss eine Datei sein.',
    'in' => ':attribute ist keines der erlaubten Wörter.',
    'integer' => ':attribute muss eine ganze Zahl sein.',
    'max' => [
        'numeric' => ':attribute darf höchstens :max sein.',
        'file' => ':attribute darf höchstens :max kB groß sein.',
        'string' => ':attribute darf höchstens :max Zeichen haben.',
        'array' => ':attribute darf höchstens :max Einträge haben.',
    ],
    'min' => [
        'numeric' => ':attribute muss mindestens :min sein.',
        'file' => ':attribute muss mindestens :min kB groß sein.',
        'string' => ':attribute muss mindestens :min Zeichen haben.',
        'array' => ':attribute muss mindestens :min Einträge haben.',
    ],
    'numeric' => ':attribute muss eine Zahl sein.',
    'present' => ':attribute fehlt.',
    'required' => ':attribute fehlt.',
    'size' => ['array' => ':attribute muss :size Einträge haben.'],
    'string' => ':attribute muss Text sein.',
    'ulid' => ':attribute muss eine Kennung (ULID) sein.',
];
