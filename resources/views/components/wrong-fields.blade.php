@if ($errors->any())
    <div class="flash flash-wrong" role="alert">
        <p class="mb-1"><strong>Not saved yet.</strong> What you typed is still here.</p>
        <ul>@foreach (array_unique($errors->all()) as $error)<li>{{ $error }}</li>@endforeach</ul>
    </div>
@endif
