<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>The database does not answer · Velbrin</title>
    <link rel="icon" href="/favicon.svg" type="image/svg+xml">
    <link rel="stylesheet" href="/away.css">
</head>
<body>
    <main>
        <p>503</p>
        <h1>The database does not answer</h1>
        <p>
            Everything kept before is safe. What you just sent was not kept: drafts and entries stay on your device
            and go by themselves when it answers again.
        </p>
        <p>Wait a minute, then <a href="">try again</a>. If it stays like this, call whoever runs the server.</p>
    </main>
</body>
</html>
