/** How the command-line programs of MariaDB reach a database: flags, the password in the environment, the name. */
export function connectionFlags(url) {
  const { hostname, port, username, password, pathname } = new URL(url)
  return {
    flags: [`--host=${hostname}`, `--port=${port || 3306}`, `--user=${decodeURIComponent(username)}`],
    env: { ...process.env, MYSQL_PWD: decodeURIComponent(password) },
    name: pathname.slice(1),
  }
}
