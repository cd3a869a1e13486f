<p>files</p>
