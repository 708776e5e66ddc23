<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <style>
        body { font-family: 'DejaVu Sans', sans-serif; font-size: 7.5pt; color: #1d2b33; }
        table { width: 100%; border-collapse: separate; border-spacing: 3mm; }
        td { width: 50%; padding: 3mm; border: 0.2mm dashed #55626a; vertical-align: top; page-break-inside: avoid; }
        b { font-size: 20pt; }
        p { margin: 0; }
    </style>
</head>
<body>
    <table>
        @foreach ($rows as $row)
            <tr>
                @foreach ($row as $label)
                    <td>
                        <b>{{ $label['number'] }}</b> {{ $label['title'] }}
                        @foreach ($label['lines'] as $line)<p>☐ {{ $line }}</p>@endforeach
                    </td>
                @endforeach
            </tr>
        @endforeach
    </table>
</body>
</html>
