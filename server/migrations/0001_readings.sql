CREATE SEQUENCE "public"."log_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 9223372036854775807 START WITH 1 CACHE 1;--> statement-breakpoint
CREATE TABLE "instruments" (
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"seq" bigint DEFAULT nextval('log_seq') NOT NULL,
	"name" text NOT NULL,
	"kind" text NOT NULL,
	"trusted" boolean NOT NULL,
	CONSTRAINT "instruments_job_id_id_pk" PRIMARY KEY("job_id","id")
);
--> statement-breakpoint
CREATE TABLE "readings" (
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"seq" bigint DEFAULT nextval('log_seq') NOT NULL,
	"of" text NOT NULL,
	"mm" double precision NOT NULL,
	"place" text NOT NULL,
	"instrument" uuid,
	"who" text NOT NULL,
	"at" timestamp with time zone NOT NULL,
	"note" text NOT NULL,
	"withdrawn" boolean NOT NULL,
	CONSTRAINT "readings_job_id_id_pk" PRIMARY KEY("job_id","id")
);
--> statement-breakpoint
ALTER TABLE "instruments" ADD CONSTRAINT "instruments_job_id_jobs_id_fk" FOREIGN KEY ("job_id") REFERENCES "public"."jobs"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "readings" ADD CONSTRAINT "readings_job_id_jobs_id_fk" FOREIGN KEY ("job_id") REFERENCES "public"."jobs"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "readings_in_order" ON "readings" USING btree ("job_id","seq");