{{-- How each basic stands, and which ranks were awarded. --}}
@include('students.solos')
@include('students.awards')
